<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Id;

/**
 * Which id here each id of a document has become: the same where it is this business's own already, a new one
 * otherwise.
 */
final class Ids
{
    /** @var array<string, array<string, string>> */
    private array $taken = [];

    /** @param  array<string, array<string, true>>  $known by list */
    public function __construct(private readonly array $known)
    {
    }

    public function of(string $list, string $id): string
    {
        return $this->taken[$list][$id] ??= isset($this->known[$list][$id]) ? $id : Id::make();
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    public function all(string $list, array $ids): array
    {
        return array_map(fn (string $id): string => $this->of($list, $id), $ids);
    }

    /** @return list<string> */
    public function taken(string $list): array
    {
        return array_values($this->taken[$list] ?? []);
    }
}
