<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Models\Id;
use App\Models\Outage;
use App\Support\Given;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Zone;

/** When a unit is out of order, as clocks show it: "2027-03-01T09:30". */
final readonly class OutageContent extends Content
{
    public function __construct(public string $unit, public string $name, public string $from, public string $to)
    {
    }

    public static function from(Given $given): static
    {
        return new self(
            Id::of($given->string('unit')),
            $given->text('name'),
            $given->string('from'),
            $given->string('to'),
        );
    }

    public static function of(Outage $row): self
    {
        return new self($row->unit_id, $row->name, $row->from->format('Y-m-d\TH:i'), $row->to->format('Y-m-d\TH:i'));
    }

    /**
     * @param  array<self>  $outages
     * @return list<self> in order of time
     */
    public static function sorted(array $outages): array
    {
        usort(
            $outages,
            static fn (self $a, self $b): int => [$a->from, $a->unit, $a->to, $a->name] <=> [
                $b->from,
                $b->unit,
                $b->to,
                $b->name,
            ],
        );

        return $outages;
    }

    public function toCore(Zone $zone): WallSpan
    {
        return WallSpan::between(Wall::dateTime($this->from), Wall::dateTime($this->to), $zone);
    }
}
