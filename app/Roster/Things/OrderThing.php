<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Content;
use App\Changes\Thing;
use App\Models\Business;
use App\Roster\Contents\OrderContent;
use App\Support\Column;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\RuleBook;

/**
 * The order in which a list is shown and taken. Its id is the list's name.
 *
 * @implements Thing<OrderContent>
 */
final readonly class OrderThing implements Thing
{
    private const LISTS = [
        'services' => 'services',
        'categories' => 'categories',
        'staff' => 'staff',
        'locations' => 'locations',
        'pools' => 'pools',
        'addOns' => 'add_ons',
        'questions' => 'questions',
        'dayparts' => 'dayparts',
        'taxRates' => 'tax_rates',
        'surcharges' => 'surcharges',
        'offerCodes' => 'offer_codes',
    ];

    public function __construct(private ConnectionInterface $db)
    {
    }

    public function contents(): string
    {
        return OrderContent::class;
    }

    public function read(Business $business, string $id): ?OrderContent
    {
        $table = self::LISTS[$id] ?? null;
        if ($table === null) {
            return null;
        }
        $ids = $this->db
            ->table($table)
            ->where('business_id', $business->id)
            ->orderBy('position')
            ->orderBy('id')
            ->pluck('id');

        return new OrderContent(Column::strings($ids));
    }

    public function write(Business $business, string $id, ?Content $content): void
    {
        foreach ($content->ids ?? [] as $position => $one) {
            $this->db
                ->table(self::LISTS[$id])
                ->where('business_id', $business->id)
                ->where('id', $one)
                ->update(['position' => $position]);
        }
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        $known = $this->read($business, $id)->ids ?? [];
        $given = $content->ids ?? [];
        sort($known);
        sort($given);

        return $known === $given ? null : 'wrong.order.incomplete';
    }

    /** Where people or places stand decides rows of the same start (rules.md T16), never whether a time is free. */
    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        return $book;
    }
}
