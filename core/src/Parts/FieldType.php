<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

enum FieldType: string
{
    case Number = 'number';
    case Condition = 'condition';
    case Quantity = 'quantity';
    case Choice = 'choice';
    case Text = 'text';
}
