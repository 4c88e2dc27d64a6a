<?php

declare(strict_types=1);

namespace App\Api;

use Illuminate\Console\Command;

/** `php artisan levin:openapi`: writes docs/openapi.json, from which the front end's types are made. */
final class WriteDescription extends Command
{
    protected $signature = 'levin:openapi';

    protected $description = 'Write the OpenAPI description of the API to docs/openapi.json';

    public function handle(Description $description): int
    {
        $json = json_encode(
            $description->make(),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        );
        file_put_contents(base_path('docs/openapi.json'), $json."\n");
        $this->info('docs/openapi.json');

        return self::SUCCESS;
    }
}
