<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Running;

/** Locked-rotor kVA for each horsepower by code letter. */
enum CodeLetter: string
{
    case A = 'A';
    case B = 'B';
    case C = 'C';
    case D = 'D';
    case E = 'E';
    case F = 'F';
    case G = 'G';
    case H = 'H';
    case J = 'J';
    case K = 'K';
    case L = 'L';
    case M = 'M';
    case N = 'N';
    case P = 'P';
    case R = 'R';
    case S = 'S';
    case T = 'T';
    case U = 'U';

    /** kVA: at least, and under. NEC table 430.7(B), from memory. */
    private const KVA = [
        'A' => [0.0, 3.15],
        'B' => [3.15, 3.55],
        'C' => [3.55, 4.0],
        'D' => [4.0, 4.5],
        'E' => [4.5, 5.0],
        'F' => [5.0, 5.6],
        'G' => [5.6, 6.3],
        'H' => [6.3, 7.1],
        'J' => [7.1, 8.0],
        'K' => [8.0, 9.0],
        'L' => [9.0, 10.0],
        'M' => [10.0, 11.2],
        'N' => [11.2, 12.5],
        'P' => [12.5, 14.0],
        'R' => [14.0, 16.0],
        'S' => [16.0, 18.0],
        'T' => [18.0, 20.0],
        'U' => [20.0, 22.4],
    ];

    /** @return array{float, float} at least, and under */
    public function kva(): array
    {
        return self::KVA[$this->value];
    }
}
