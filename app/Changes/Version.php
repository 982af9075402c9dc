<?php

declare(strict_types=1);

namespace App\Changes;

/** Tells contents apart: whoever saves says which one they saw. */
final class Version
{
    /** @return string|null null: there is none */
    public static function of(?Content $content): ?string
    {
        return $content === null
            ? null
            : substr(hash('sha256', json_encode($content->toArray(), JSON_THROW_ON_ERROR)), 0, 16);
    }

    /**
     * @param  array<array-key, mixed>|null  $before
     * @param  array<array-key, mixed>|null  $after
     * @return list<array{field: array-key, before: mixed, after: mixed}> what differs
     */
    public static function differences(?array $before, ?array $after): array
    {
        $differences = [];
        foreach (array_keys(($before ?? []) + ($after ?? [])) as $field) {
            [$was, $is] = [$before[$field] ?? null, $after[$field] ?? null];
            if (json_encode($was) !== json_encode($is)) {
                $differences[] = ['field' => $field, 'before' => $was, 'after' => $is];
            }
        }

        return $differences;
    }
}
