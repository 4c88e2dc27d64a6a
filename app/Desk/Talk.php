<?php

declare(strict_types=1);

namespace App\Desk;

/** Two processes of this installation that tell each other values, each with its length before it. */
final class Talk
{
    /** @param  resource  $stream */
    public function __construct(private $stream)
    {
    }

    /** @throws NoDesk when nobody opens */
    public static function with(string $path, int $patience): self
    {
        $stream = @stream_socket_client("unix://$path", $code, $message, 1.0);
        if ($stream === false) {
            throw new NoDesk("Nobody at $path: $message");
        }
        stream_set_timeout($stream, $patience);

        return new self($stream);
    }

    /** @throws NoDesk when the other one is gone */
    public function say(mixed $value): void
    {
        $text = serialize($value);
        $text = pack('V', strlen($text)).$text;
        for ($sent = 0; $sent < strlen($text); $sent += $now) {
            $now = @fwrite($this->stream, substr($text, $sent));
            if ($now === false || $now === 0) {
                throw new NoDesk('The other one is gone.');
            }
        }
    }

    /** @throws NoDesk when the other one is gone, or takes too long */
    public function hear(): mixed
    {
        /** @var array{1: int} $length */
        $length = unpack('V', $this->bytes(4));

        return unserialize($this->bytes($length[1]));
    }

    private function bytes(int $many): string
    {
        $text = '';
        while (strlen($text) < $many) {
            $more = fread($this->stream, max(1, $many - strlen($text)));
            if ($more === false || $more === '') {
                throw new NoDesk('The other one is gone.');
            }
            $text .= $more;
        }

        return $text;
    }
}
