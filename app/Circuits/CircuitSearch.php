<?php

declare(strict_types=1);

namespace App\Circuits;

use Illuminate\Support\Facades\DB;
use Levin\Core\Drafting\Features;

/** Finds circuits by what is known of a unit: words, family, supply, what one sees in it and what one does not see. */
final readonly class CircuitSearch
{
    /** Circuits that are shown at once. */
    private const SHOWN = 24;

    /** What the circuit of a single unit is called ends so. */
    private const OWN = '-unit-';

    public function __construct(private CircuitShelf $shelf)
    {
    }

    /**
     * @param  list<string>  $has  kinds that one sees
     * @param  list<string>  $without  kinds that one does not see
     */
    public function find(string $words, string $family, string $supply, array $has, array $without): CircuitsData
    {
        $revisions = self::newest();
        $cards = $this->cards($revisions);
        $units = self::units();
        $fit = array_filter($cards, static fn (CircuitCard $card, string $id): bool => ($family === '' || $card->family === $family)
            && ($supply === '' || $card->supply === $supply)
            && $card->isLike($has, $without)
            && $card->has($words, ...($units[$id] ?? [])), ARRAY_FILTER_USE_BOTH);
        $features = array_map(static fn (CircuitCard $card): array => $card->features, $fit);
        $ask = Features::toAsk(array_map(
            static fn (array $of): array => array_diff_key($of, array_flip([...$has, ...$without])),
            $features,
        ));
        $marked = ShopCircuit::query()->pluck('circuit_id')->all();
        $items = [];
        foreach (array_slice($fit, 0, self::SHOWN, true) as $id => $card) {
            $items[] = self::shape($revisions[$id], $card, self::apart($id, $features), $units[$id] ?? [], in_array($id, $marked, true));
        }

        return new CircuitsData(
            $items,
            count($fit),
            self::values($cards, static fn (CircuitCard $c): string => $c->family),
            self::values($cards, static fn (CircuitCard $c): string => $c->supply),
            $ask === null ? null : FeatureData::of($ask, 1),
        );
    }

    public function card(CircuitRevision $revision): CircuitCardData
    {
        $isMarked = ShopCircuit::query()->whereKey($revision->circuit_id)->exists();

        return self::shape($revision, $this->cardOf($revision), [], self::units()[$revision->circuit_id] ?? [], $isMarked);
    }

    /** @throws UnreadableRevision */
    private function cardOf(CircuitRevision $revision): CircuitCard
    {
        return $this->shelf->kept('card', $revision, fn (): CircuitCard => CircuitCard::of($this->shelf->model($revision)));
    }

    /**
     * @param  array<string, CircuitRevision>  $revisions  by circuit
     * @return array<string, CircuitCard> of those that can be read, by title
     */
    private function cards(array $revisions): array
    {
        $cards = [];
        foreach ($revisions as $id => $revision) {
            try {
                $cards[$id] = $this->cardOf($revision);
            } catch (UnreadableRevision) {
                // it is listed where its calls are, with what is wrong with it
            }
        }
        // those of single units last
        uksort($cards, static fn (string $a, string $b): int => str_contains($a, self::OWN) <=> str_contains($b, self::OWN)
            ?: strcmp($cards[$a]->title, $cards[$b]->title));

        return $cards;
    }

    /** @return array<string, CircuitRevision> by circuit */
    private static function newest(): array
    {
        $newest = [];
        foreach (Circuit::query()->with('newest')->get() as $circuit) {
            $newest[$circuit->id] = $circuit->newest;
        }

        return $newest;
    }

    /** @return array<string, list<string>> makers and models, by circuit */
    private static function units(): array
    {
        $units = [];
        foreach (DB::table('units')->select(['circuit_id', 'maker', 'model'])->distinct()->get() as $unit) {
            [$circuit, $maker, $model] = array_map(
                static fn (string $of): string => is_string($unit->$of ?? null) ? $unit->$of : '',
                ['circuit_id', 'maker', 'model'],
            );
            $units[$circuit][] = trim("$maker $model");
        }

        return $units;
    }

    /**
     * What a circuit has that not all of the others have.
     *
     * @param  array<string, array<string, int>>  $features  by circuit
     * @return list<string>
     */
    private static function apart(string $id, array $features): array
    {
        $others = array_diff_key($features, [$id => true]);
        $apart = [];
        foreach ($features[$id] as $kind => $count) {
            $alike = array_filter($others, static fn (array $of): bool => ($of[$kind] ?? 0) === $count);
            if ($others !== [] && count($alike) < count($others)) {
                $apart[$kind] = [count($alike), ($count > 1 ? "$count × " : '').Features::words($kind)];
            }
        }
        // what the fewest share says the most
        usort($apart, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($apart, 1);
    }

    /**
     * @param  array<string, CircuitCard>  $cards
     * @param  callable(CircuitCard): string  $of
     * @return list<string>
     */
    private static function values(array $cards, callable $of): array
    {
        $values = array_values(array_unique(array_map($of, $cards)));
        sort($values);

        return $values;
    }

    /**
     * @param  list<string>  $apart
     * @param  list<string>  $units
     */
    private static function shape(CircuitRevision $revision, CircuitCard $card, array $apart, array $units, bool $isMarked): CircuitCardData
    {
        $features = array_map(FeatureData::of(...), array_keys($card->features), $card->features);

        return new CircuitCardData(
            $revision->circuit_id, $revision->id, $revision->number, $card->title, $card->family, $card->supply,
            $revision->source, $isMarked, $card->parts, $card->wires, $features, $apart, $units, $card->drawing,
        );
    }
}
