<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Thing;
use App\Models\Business;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\RuleBook;

/** The order in which a list is shown and taken. Its id is the list's name. */
final readonly class OrderThing implements Thing
{
    private const LISTS = [
        'services' => 'services', 'categories' => 'categories', 'staff' => 'staff', 'locations' => 'locations',
        'pools' => 'pools', 'addOns' => 'add_ons', 'questions' => 'questions', 'dayparts' => 'dayparts',
    ];

    public function __construct(private ConnectionInterface $db)
    {
    }

    public function rules(Business $business, ?string $id): array
    {
        return ['ids' => 'present|array|list|max:1000', 'ids.*' => 'string|max:26|distinct'];
    }

    public function sentences(): array
    {
        return ['ids.*' => 'An order names each thing once.'];
    }

    public function shaped(array $given): array
    {
        return ['ids' => $given['ids']];
    }

    public function read(Business $business, string $id): ?array
    {
        $table = self::LISTS[$id] ?? null;

        return $table === null ? null : ['ids' => $this->db->table($table)->where('business_id', $business->id)->orderBy('position')->orderBy('id')->pluck('id')->all()];
    }

    public function write(Business $business, string $id, ?array $content): void
    {
        foreach ($content['ids'] ?? [] as $position => $one) {
            $this->db->table(self::LISTS[$id])->where('business_id', $business->id)->where('id', $one)->update(['position' => $position]);
        }
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        $known = $this->read($business, $id)['ids'] ?? [];
        $given = $content['ids'] ?? [];
        sort($known);
        sort($given);

        return $known === $given ? null : 'An order names everything on the list once, and nothing else.';
    }

    public function name(array $content): string
    {
        return 'Order';
    }

    /** Where people or places stand decides rows of the same start (rules.md T16), never whether a time is free. */
    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        return $book;
    }
}
