<?php

declare(strict_types=1);

namespace App\Desk;

use Levin\Core\Diagnosis\Pause;

/**
 * Where those who have a question come in: a socket that only this user may open. Who goes ahead looks there between two pieces of work.
 */
final class Door implements Pause
{
    /** Whether what is done now can wait. */
    public bool $isAhead = false;

    /**
     * @param  resource  $socket
     * @param  int|false  $file  number of the one that it is, for another desk may put its own there
     */
    private function __construct(private $socket, private readonly string $path, private readonly int|false $file)
    {
    }

    /** @throws NoDesk when there is no place for it */
    public static function at(string $path): self
    {
        if (file_exists($path)) {
            unlink($path);
        }
        $was = umask(0o077);
        $socket = stream_socket_server("unix://$path", $code, $message);
        umask($was);

        return $socket === false ? throw new NoDesk("No door at $path: $message") : new self($socket, $path, fileinode($path));
    }

    /** @throws SomebodyWaits when what is done ahead is to be left */
    #[\Override]
    public function take(): void
    {
        if ($this->isAhead && ($this->isKnocked(0) || ! $this->isThere())) {
            throw new SomebodyWaits;
        }
    }

    /**
     * Whether it is still where it was made: it is taken away with the folder that it is in, and another one may take its place.
     *
     * @phpstan-impure
     */
    public function isThere(): bool
    {
        clearstatcache();

        return file_exists($this->path) && fileinode($this->path) === $this->file;
    }

    /**
     * Whether somebody stands there, or comes within some seconds.
     *
     * @phpstan-impure
     */
    public function isKnocked(int $seconds): bool
    {
        $read = [$this->socket];
        $none = null;

        return @stream_select($read, $none, $none, $seconds) > 0;
    }

    public function comeIn(): ?Talk
    {
        $stream = @stream_socket_accept($this->socket, 1.0);

        return $stream === false ? null : new Talk($stream);
    }

    public function close(): void
    {
        if ($this->isThere()) {
            unlink($this->path);
        }
        fclose($this->socket);
    }
}
