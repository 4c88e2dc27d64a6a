<?php

namespace App\Circuits;

use Levin\Core\Circuit\Circuit;
use Levin\Core\File\CircuitReader;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settler;

/**
 * The circuit files at hand, read once and kept ready. What was read is cached under the text of the file, so that an edited
 * file is read anew.
 */
final class CircuitShelf
{
    /** @var array<string, array{Settler, string}> settler and version by circuit id */
    private array $ready = [];

    public function __construct(private readonly string $folder)
    {
    }

    public function settler(string $id): Settler
    {
        return $this->load($id)[0];
    }

    public function model(string $id): Model
    {
        return $this->settler($id)->model;
    }

    public function investigation(string $id): Investigation
    {
        [$settler, $version] = $this->load($id);

        return new Investigation($settler, new CachedOutlooks($version));
    }

    /** @return array{Settler, string} */
    private function load(string $id): array
    {
        return $this->ready[$id] ??= (function () use ($id): array {
            $text = (string) file_get_contents($this->path($id));
            $version = $id.'-'.substr(hash('sha256', $text.self::codeVersion()), 0, 16);
            $circuit = CachedOutlooks::store()->rememberForever("circuit:$version", fn (): Circuit => CircuitReader::fromText($text, "$id.yaml"));

            return [new Settler(new Model($circuit)), $version];
        })();
    }

    /** Changes when the core does, so that nothing computed by older code is used. */
    private static function codeVersion(): string
    {
        $newest = 0;
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(base_path('core/src'), \FilesystemIterator::SKIP_DOTS)) as $file) {
            $newest = max($newest, $file instanceof \SplFileInfo ? (int) $file->getMTime() : 0);
        }

        return (string) $newest;
    }

    private function path(string $id): string
    {
        return "$this->folder/$id.yaml";
    }
}
