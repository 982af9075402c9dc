<?php

declare(strict_types=1);

namespace App\Offer;

use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Models\Daypart;
use App\Models\Service;
use App\Offer\Contents\DaypartContent;
use App\Offer\Contents\NeedContent;
use App\Offer\Contents\ServiceContent;
use App\Offer\Contents\ServiceLists;
use App\Roster\RosterReader;
use App\Support\Given;
use App\Support\WeeklyTable;
use App\Times\ReadsSetup;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use YardBell\Core\Availability\Daypart as Part;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service as Rules;
use YardBell\Core\Time\Hours;

/** What a business has set up, as values of the core: thirteen queries, however much there is of it. */
final readonly class SetupReader implements ReadsSetup
{
    public function __construct(
        private ConnectionInterface $db,
        private RosterReader $roster,
        private CurrentBusiness $current,
    ) {
    }

    public function book(Business $business): RuleBook
    {
        return $this->current->of($business->id, fn (): RuleBook => $this->read($business));
    }

    private function read(Business $business): RuleBook
    {
        $zone = $business->zone();
        $special = $this->roster->specialDays($business);

        return new RuleBook(
            zone: $zone,
            openingHours: new Hours(WeeklyTable::windows($business->opening_hours), $special['business'][''] ?? []),
            closures: $this->roster->closures($business, $zone),
            dayparts: $this->dayparts($business),
            travelMinutes: $business->travel_minutes,
            locations: $this->roster->locations($business, $special['location'] ?? []),
            pools: $this->roster->pools($business, $zone),
            staff: $this->roster->staff($business, $zone, $special['staff'] ?? []),
            services: $this->services($business),
            tightDays: $business->tight_days,
        );
    }

    /** @return array<string, Part> */
    private function dayparts(Business $business): array
    {
        $dayparts = [];
        foreach (
            Daypart::query()->where('business_id', $business->id)->orderBy('position')->orderBy('id')->get() as $row
        ) {
            $dayparts[$row->id] = DaypartContent::of($row)->toCore($row->id);
        }

        return $dayparts;
    }

    /** @return array<string, Rules> */
    private function services(Business $business): array
    {
        $assigned = $this->assigned($business);
        $needs = $this->needs($business);
        $services = [];
        foreach (
            Service::query()->where('business_id', $business->id)->orderBy('position')->orderBy('id')->get() as $row
        ) {
            $lists = new ServiceLists(
                $assigned['staff'][$row->id] ?? [],
                $assigned['location'][$row->id] ?? [],
                $assigned['daypart'][$row->id] ?? [],
                $needs[$row->id] ?? [],
            );
            $services[$row->id] = ServiceContent::of($row, $lists)->toCore($row->id);
        }

        return $services;
    }

    /**
     * @return array<string, array<string, list<string>>> ids by what they are of and by service, each in its order: one
     *   query
     */
    private function assigned(Business $business): array
    {
        $of = fn (string $what): Builder => $this->db
            ->table("service_{$what}")
            ->where('business_id', $business->id)
            ->select(['service_id as service', "{$what}_id as one", 'position'])
            ->selectRaw('? as what', [$what]);
        $assigned = [];
        foreach (
            $of('staff')->unionAll($of('location'))->unionAll($of('daypart'))->orderBy('position')->get() as $row
        ) {
            $given = Given::in((array) $row);
            $assigned[$given->string('what')][$given->string('service')][] = $given->string('one');
        }

        return $assigned;
    }

    /** @return array<string, list<NeedContent>> by service */
    private function needs(Business $business): array
    {
        $needs = [];
        $rows = $this->db
            ->table('service_pool')
            ->where('business_id', $business->id)
            ->orderBy('position')
            ->get([
                'service_id as service',
                'pool_id as pool',
                'units',
                'per_person as perPerson',
                'holds_buffers as holdsBuffers',
            ]);
        foreach ($rows as $row) {
            $given = Given::in((array) $row);
            $needs[$given->string('service')][] = NeedContent::from($given);
        }

        return $needs;
    }
}
