<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What is being worked out now, page by page: each as it was kept, or new and empty. */
final class Notebook
{
    /** @var array<string, Page> */
    private array $pages = [];

    public function __construct(private readonly OutlookStore $store, private readonly Pause $pause = new NoPause)
    {
    }

    /**
     * @template T of Page
     *
     * @param  class-string<T>  $sort
     * @return T
     */
    public function page(string $sort, string $key): Page
    {
        $page = $this->pages[$key = "$sort $key"] ??= $this->store->page($key) ?? new $sort;

        return $page instanceof $sort ? $page : throw new \LogicException("What is kept as $key is something else.");
    }

    /** Between two pieces of work. */
    public function pause(): void
    {
        $this->pause->take();
    }

    /** The same pauses, and nothing kept. */
    public function scratch(): self
    {
        return new self(new MemoryOutlooks, $this->pause);
    }

    /** Keeps what has grown since it was last asked to. */
    public function keep(): void
    {
        foreach ($this->pages as $key => $page) {
            if ($page->hasGrown()) {
                $this->store->keep($key, $page);
            }
        }
    }
}
