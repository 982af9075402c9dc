<?php

declare(strict_types=1);

namespace App\Changes;

/** Lists by id of which one item changes. */
final class Lists
{
    /**
     * @template T
     *
     * @param  array<string, T>  $list
     * @param  T|null  $item null: it goes
     * @return array<string, T>
     */
    public static function put(array $list, string $id, mixed $item): array
    {
        if ($item === null) {
            unset($list[$id]);
        } else {
            $list[$id] = $item;
        }

        return $list;
    }
}
