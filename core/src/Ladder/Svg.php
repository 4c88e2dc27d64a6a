<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Circuit;

/** The drawing as an SVG file: ink on paper, every point and part named, every wire with its id as title. */
final class Svg
{
    /** So wide is a page to a rung: shorter ones are not drawn larger than others. */
    public const PAGE = 1100.0;

    public static function of(Drawing $drawing, Circuit $circuit): string
    {
        return (new SvgBand($drawing, $circuit, 0.0, $drawing->height))->svg();
    }

    /**
     * The rungs of what was found, from rail to rail, with it marked.
     *
     * @param  list<string>  $marked  parts and wires
     * @return list<string> one file a rung, each once; none where nothing of it is drawn
     */
    public static function rungs(Layout $layout, Circuit $circuit, array $marked): array
    {
        $rungs = [];
        $closeups = $layout->closeups(0.0);
        foreach ($marked as $id) {
            $with = array_filter($closeups, static fn (Closeup $c): bool => in_array($id, $c->drawing->drawn(), true));
            // of a wire that several rungs share the first says it
            foreach (isset($circuit->wires[$id]) ? array_slice($with, 0, 1) : $with as $closeup) {
                $rungs[$closeup->number] = $closeup->drawing;
            }
        }
        ksort($rungs);

        return array_values(array_map(static fn (Drawing $d): string => self::rung($d, $circuit, $marked), $rungs));
    }

    /**
     * One rung as wide as a page, so that all of them are drawn as large as each other.
     *
     * @param  list<string>  $marked  parts and wires
     */
    public static function rung(Drawing $drawing, Circuit $circuit, array $marked = []): string
    {
        return (new SvgBand($drawing, $circuit, 0.0, $drawing->height, $marked, self::PAGE))->svg();
    }
}
