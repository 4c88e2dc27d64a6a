<?php

declare(strict_types=1);

namespace App\Api;

/** What an API operation takes and answers, beside what its route says: from this the OpenAPI description is made. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Operation
{
    /**
     * @param  class-string|null  $answer  shape of the answer; null for none, or a file
     * @param  bool  $paged  whether the answer is a page of such shapes
     * @param  int  $status  of the usual answer
     * @param  class-string|null  $takes  shape of the body
     * @param  array<string, string>  $query  what each query parameter means
     * @param  string  $file  content type of an answer that is a file
     */
    public function __construct(
        public string $summary,
        public ?string $answer = null,
        public bool $paged = false,
        public int $status = 200,
        public ?string $takes = null,
        public array $query = [],
        public string $file = '',
    ) {
    }
}
