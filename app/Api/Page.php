<?php

declare(strict_types=1);

namespace App\Api;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;

/**
 * One page of a list.
 *
 * @template T of Data
 */
final readonly class Page extends Data
{
    private const MOST = 100;

    private const USUAL = 50;

    /** @param  list<T>  $items */
    private function __construct(public array $items, public int $page, public int $pages, public int $total)
    {
    }

    /**
     * The page a request asks for with `page` and `per_page`.
     *
     * @template M of Model
     * @template D of Data
     *
     * @param  Builder<M>  $query
     * @param  callable(M): D  $shape
     * @return self<D>
     */
    public static function of(Builder $query, Request $request, callable $shape): self
    {
        $request->validate(['page' => ['integer', 'min:1', 'max:100000'], 'per_page' => ['integer', 'min:1', 'max:'.self::MOST]]);
        $found = $query->paginate($request->integer('per_page', self::USUAL), ['*'], 'page', $request->integer('page', 1));

        return new self(array_map($shape, array_values($found->items())), $found->currentPage(), $found->lastPage(), $found->total());
    }
}
