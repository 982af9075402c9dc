<?php

declare(strict_types=1);

namespace App\Offer\Things;

use App\Changes\Content;
use App\Changes\Lists;
use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\Daypart;
use App\Offer\Contents\DaypartContent;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\RuleBook;

/**
 * A named part of the day that services may be limited to (rules.md T11).
 *
 * @extends ModelThing<DaypartContent, Daypart>
 */
final readonly class DaypartThing extends ModelThing
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    public function contents(): string
    {
        return DaypartContent::class;
    }

    protected function model(): string
    {
        return Daypart::class;
    }

    public function content(Model $row): DaypartContent
    {
        return DaypartContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return $content->toArray();
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        $used = $this->db
            ->table('service_daypart')
            ->where('business_id', $business->id)
            ->where('daypart_id', $id)
            ->exists();

        return $content === null && $used
            ? 'wrong.daypart.in_use'
            : null;
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        return $book->with(dayparts: Lists::put($book->dayparts, $id, $content?->toCore($id)));
    }
}
