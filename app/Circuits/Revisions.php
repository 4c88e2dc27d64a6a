<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Database\Write;
use App\Shop\User;
use Illuminate\Database\Eloquent\Builder;
use Levin\Core\Checks\Slips\Slips;
use Levin\Core\File\CircuitReader;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\File\Problem;
use Levin\Core\Operation\Model;

/** Adds revisions of circuits; nothing else makes one. */
final class Revisions
{
    /**
     * A circuit file becomes the newest revision of its circuit; the same text as the newest adds nothing.
     *
     * @param  User|null  $by  null for a file that ships with Levin
     * @param  string  $note  why, in words
     *
     * @throws InvalidCircuit when the file is not sound
     */
    public function add(string $text, string $name, ?User $by = null, string $note = ''): CircuitRevision
    {
        $circuit = CircuitReader::fromText($text, $name);
        foreach (Slips::in(new Model($circuit)) as $wrong) {
            if ($wrong->bars) {
                throw new InvalidCircuit($name, [new Problem($wrong->line, '', $wrong->what, $wrong->remedy)]);
            }
        }
        $hash = hash('sha256', $text);
        $source = $by === null ? RevisionSource::Shipped : RevisionSource::Shop;

        return Write::transaction(function () use ($circuit, $text, $hash, $source, $by, $note): CircuitRevision {
            $kept = Circuit::query()->firstOrCreate(['id' => $circuit->id]);
            // a newer shipped file follows the last shipped one; what the shop has made of it since stays the newest
            $latest = CircuitRevision::query()
                ->where('circuit_id', $kept->id)
                ->when($by === null, fn (Builder $q) => $q->where('source', RevisionSource::Shipped))
                ->latest('number')
                ->first();
            if ($latest !== null && $latest->hash === $hash) {
                return $latest;
            }

            return CircuitRevision::query()->create([
                'circuit_id' => $kept->id,
                'number' => 1 + ($kept->newest()->first()->number ?? 0),
                'title' => $circuit->title,
                'supply' => $circuit->supply,
                'text' => $text,
                'hash' => $hash,
                'source' => $source,
                'user_id' => $by?->id,
                'note' => $note,
            ]);
        });
    }

    /**
     * Takes in every file of a folder.
     *
     * @return list<InvalidCircuit> what could not be taken; the others were
     */
    public function addShipped(string $folder): array
    {
        $failed = [];
        foreach (glob("$folder/*.yaml") ?: [] as $path) {
            try {
                $this->add((string) file_get_contents($path), basename($path));
            } catch (InvalidCircuit $e) {
                $failed[] = $e;
            }
        }

        return $failed;
    }
}
