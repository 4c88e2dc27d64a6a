<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Running;

/** Locked-rotor kVA for each horsepower by code letter (NEC table 430.7(B), from memory): at least, and under. */
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

    /** @return array{float, float} */
    public function kva(): array
    {
        return match ($this) {
            self::A => [0.0, 3.15],
            self::B => [3.15, 3.55],
            self::C => [3.55, 4.0],
            self::D => [4.0, 4.5],
            self::E => [4.5, 5.0],
            self::F => [5.0, 5.6],
            self::G => [5.6, 6.3],
            self::H => [6.3, 7.1],
            self::J => [7.1, 8.0],
            self::K => [8.0, 9.0],
            self::L => [9.0, 10.0],
            self::M => [10.0, 11.2],
            self::N => [11.2, 12.5],
            self::P => [12.5, 14.0],
            self::R => [14.0, 16.0],
            self::S => [16.0, 18.0],
            self::T => [18.0, 20.0],
            self::U => [20.0, 22.4],
        };
    }
}
