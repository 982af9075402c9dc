<?php

declare(strict_types=1);

/* What the rules of fields say where a kind of thing says nothing of its own: a sentence of wrong.php each. */

$long = ['array' => 'wrong.plain.too_many?max=:max', 'string' => 'wrong.plain.too_long?max=:max'];
$needed = ['present', 'required', 'required_array_keys', 'required_if', 'required_unless', 'required_with'];
$chosen = ['boolean', 'enum', 'exists', 'in', 'not_in'];
$other = ['after', 'after_or_equal', 'array', 'before', 'date', 'file', 'integer', 'list', 'numeric', 'regex', 'string'];
$sized = ['between', 'gt', 'gte', 'lt', 'lte', 'max', 'min', 'size'];

return [
    ...array_fill_keys($needed, 'wrong.plain.required'),
    ...array_fill_keys($chosen, 'wrong.plain.not_a_choice'),
    ...array_fill_keys($other, 'wrong.plain.unfit'),
    ...array_fill_keys($sized, array_fill_keys(['array', 'file', 'numeric', 'string'], 'wrong.plain.unfit')),
    'max' => $long + array_fill_keys(['file', 'numeric'], 'wrong.plain.unfit'),
    'one_line' => 'wrong.plain.one_line',
    'distinct' => 'wrong.plain.twice',
    'email' => 'wrong.reach.email',
    'unique' => 'wrong.plain.taken',
];
