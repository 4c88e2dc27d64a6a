<?php

/*
 * Stand-ins for four packages that Laravel 12 or its dependencies ask for and that the package registry used to build Levin
 * does not hold: fruitcake/php-cors, league/config, symfony/clock and symfony/polyfill-php85. composer.json names them under
 * "replace". The CORS middleware is removed in bootstrap/app.php (the application is same-origin) and league/config is not
 * reached; what is left is below. With a full registry, delete this file, its "autoload.files" entry and the "replace" block.
 */

declare(strict_types=1);

namespace {
    if (! function_exists('array_first')) {
        /** @param  array<mixed>  $array */
        function array_first(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_first($array)];
        }
    }

    if (! function_exists('get_error_handler')) {
        function get_error_handler(): ?callable
        {
            $handler = set_error_handler(null);
            restore_error_handler();

            return $handler;
        }
    }

    if (! function_exists('get_exception_handler')) {
        function get_exception_handler(): ?callable
        {
            $handler = set_exception_handler(null);
            restore_exception_handler();

            return $handler;
        }
    }

    if (! function_exists('array_last')) {
        /** @param  array<mixed>  $array */
        function array_last(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_last($array)];
        }
    }
}

namespace Symfony\Component\Clock {
    if (! interface_exists(ClockInterface::class)) {
        interface ClockInterface extends \Psr\Clock\ClockInterface
        {
            public function sleep(float|int $seconds): void;

            public function withTimeZone(\DateTimeZone|string $timezone): static;
        }
    }

    if (! class_exists(NativeClock::class)) {
        final class NativeClock implements ClockInterface
        {
            private \DateTimeZone $timezone;

            public function __construct(\DateTimeZone|string|null $timezone = null)
            {
                $this->timezone = $timezone instanceof \DateTimeZone ? $timezone : new \DateTimeZone($timezone ?? date_default_timezone_get());
            }

            public function now(): \DateTimeImmutable
            {
                return new \DateTimeImmutable('now', $this->timezone);
            }

            public function sleep(float|int $seconds): void
            {
                usleep((int) round($seconds * 1e6));
            }

            public function withTimeZone(\DateTimeZone|string $timezone): static
            {
                return new self($timezone);
            }
        }
    }
}
