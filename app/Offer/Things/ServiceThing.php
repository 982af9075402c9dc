<?php

declare(strict_types=1);

namespace App\Offer\Things;

use App\Changes\ChecksTogether;
use App\Changes\Lists;
use App\Changes\ModelThing;
use App\Facts\Mark;
use App\Models\AddOn;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Question;
use App\Models\Service;
use App\Roster\Assigned;
use App\Support\WeeklyTable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use stdClass;
use YardBell\Core\Availability\Assignment;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Availability\Need;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service as Rules;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Wall;

/** Something that can be booked: what it is, how long, who and where, when, what it costs, rules. */
final readonly class ServiceThing extends ModelThing implements ChecksTogether
{
    public function __construct(private ConnectionInterface $db, private Assigned $assigned, private ServiceChecks $checks)
    {
    }

    protected function model(): string
    {
        return Service::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        return $this->checks->rules($business);
    }

    public function sentences(): array
    {
        return ServiceChecks::SENTENCES + PriceChecks::SENTENCES;
    }

    public function together(array $given): array
    {
        return PriceChecks::together($given);
    }

    public function shaped(array $given): array
    {
        return [
            'name' => trim($given['name']), 'category' => $given['category'], 'description' => trim($given['description'] ?? ''), 'picture' => $given['picture'] ?? null, 'staffNote' => trim($given['staffNote'] ?? ''),
            'kind' => $given['kind'], 'minutes' => (int) $given['minutes'],
            'choices' => $given['range'] !== null || count($given['choices']) < 2 ? [] : array_map(intval(...), $given['choices']),
            'range' => $given['range'] === null ? null : ['min' => (int) $given['range']['min'], 'max' => (int) $given['range']['max'], 'step' => (int) $given['range']['step']],
            'setup' => (int) $given['setup'], 'clearup' => (int) $given['clearup'],
            'staff' => $given['staff'], 'assignment' => $given['assignment'], 'locations' => $given['locations'],
            'resources' => array_map(static fn (array $need): array => ['pool' => $need['pool'], 'units' => (int) $need['units'], 'perPerson' => (bool) $need['perPerson'], 'holdsBuffers' => (bool) $need['holdsBuffers']], $given['resources']),
            'startEvery' => (int) $given['startEvery'], 'startFrom' => $given['startFrom'], 'noticeMinutes' => (int) $given['noticeMinutes'], 'bookAheadDays' => (int) $given['bookAheadDays'],
            'hours' => WeeklyTable::whole($given['hours']), 'dayparts' => $given['dayparts'], 'availableFrom' => $given['availableFrom'], 'availableUntil' => $given['availableUntil'],
            'maxPerDay' => self::number($given['maxPerDay']), 'places' => (int) $given['places'], 'maxParty' => self::number($given['maxParty']),
            'pricing' => PriceChecks::pricing($given), 'payment' => PriceChecks::payment($given), 'cancellation' => PriceChecks::cancellation($given['cancellation']),
            'colour' => $given['colour'] ?? null, 'pattern' => $given['pattern'] ?? null,
            'approval' => (bool) $given['approval'], 'visibility' => $given['visibility'], 'active' => (bool) $given['active'],
        ];
    }

    private static function number(int|string|null $given): ?int
    {
        return $given === null ? null : (int) $given;
    }

    public function content(Model $row): array
    {
        assert($row instanceof Service);
        $lengths = $row->lengths ?? [];
        $staff = $this->assigned->of($row->business_id, $row->id, 'staff');

        return [
            'name' => $row->name, 'category' => $row->category_id, 'description' => $row->description, 'picture' => $row->picture, 'staffNote' => $row->staff_note,
            'kind' => $row->kind, 'minutes' => $row->minutes,
            'choices' => array_is_list($lengths) ? $lengths : [],
            'range' => array_is_list($lengths) ? null : ['min' => $lengths['min'], 'max' => $lengths['max'], 'step' => $lengths['step']],
            'setup' => $row->setup, 'clearup' => $row->clearup,
            'staff' => $staff, 'assignment' => $row->assignment, 'locations' => $this->assigned->of($row->business_id, $row->id, 'location'),
            'resources' => $this->needs($row),
            'startEvery' => $row->start_every, 'startFrom' => $row->start_from, 'noticeMinutes' => $row->notice_minutes, 'bookAheadDays' => $row->book_ahead_days,
            'hours' => WeeklyTable::whole($row->hours), 'dayparts' => $this->assigned->of($row->business_id, $row->id, 'daypart'), 'availableFrom' => $row->available_from, 'availableUntil' => $row->available_until,
            'maxPerDay' => $row->max_per_day, 'places' => $row->places, 'maxParty' => $row->max_party,
            'pricing' => array_replace($row->pricing, ['byStaff' => PriceChecks::byStaff($row->pricing['byStaff'], $staff)]), 'payment' => $row->payment_terms, 'cancellation' => $row->cancellation,
            'colour' => $row->colour, 'pattern' => $row->pattern,
            'approval' => $row->approval, 'visibility' => $row->visibility, 'active' => $row->active,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function needs(Service $service): array
    {
        return $this->db->table('service_pool')->where('business_id', $service->business_id)->where('service_id', $service->id)->orderBy('position')->get()
            ->map(static fn (stdClass $row): array => ['pool' => $row->pool_id, 'units' => $row->units, 'perPerson' => (bool) $row->per_person, 'holdsBuffers' => (bool) $row->holds_buffers])->values()->all();
    }

    protected function columns(array $content): array
    {
        return [
            'name' => $content['name'], 'category_id' => $content['category'], 'description' => $content['description'], 'picture' => $content['picture'], 'staff_note' => $content['staffNote'],
            'kind' => $content['kind'], 'minutes' => $content['choices'][0] ?? $content['range']['min'] ?? $content['minutes'], 'lengths' => $content['range'] ?? ($content['choices'] === [] ? null : $content['choices']),
            'setup' => $content['setup'], 'clearup' => $content['clearup'], 'assignment' => $content['assignment'],
            'start_every' => $content['startEvery'], 'start_from' => $content['startFrom'], 'notice_minutes' => $content['noticeMinutes'], 'book_ahead_days' => $content['bookAheadDays'],
            'hours' => $content['hours'], 'available_from' => $content['availableFrom'], 'available_until' => $content['availableUntil'],
            'max_per_day' => $content['maxPerDay'], 'places' => $content['places'], 'max_party' => $content['maxParty'],
            'pricing' => $content['pricing'], 'payment_terms' => $content['payment'], 'cancellation' => $content['cancellation'], 'colour' => $content['colour'], 'pattern' => $content['pattern'],
            'approval' => $content['approval'], 'visibility' => $content['visibility'], 'active' => $content['active'],
        ];
    }

    public function write(Business $business, string $id, ?array $content): void
    {
        if ($content !== null && ($content['colour'] === null || $content['pattern'] === null)) {
            $content = Mark::free($business->services()->get(['colour', 'pattern'])) + $content;
        }
        parent::write($business, $id, $content);
        foreach (['staff' => 'staff', 'location' => 'locations', 'daypart' => 'dayparts'] as $what => $list) {
            $this->assigned->set($business->id, $id, $what, $content[$list] ?? []);
        }
        $this->db->table('service_pool')->where('business_id', $business->id)->where('service_id', $id)->delete();
        foreach ($content['resources'] ?? [] as $position => $need) {
            $this->db->table('service_pool')->insert(['business_id' => $business->id, 'service_id' => $id, 'pool_id' => $need['pool'], 'position' => $position,
                'units' => $need['units'], 'per_person' => $need['perPerson'], 'holds_buffers' => $need['holdsBuffers']]);
        }
        if ($content !== null) {
            $longest = max($content['minutes'], $content['range']['max'] ?? 0, ...$content['choices']) + $content['setup'] + $content['clearup'];
            Business::query()->whereKey($business->id)->where('longest_taken', '<', $longest)->update(['longest_taken' => $longest]);
        }
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        if ($content !== null) {
            return null;
        }
        $sessions = $this->db->table('scheduled_sessions')->where('business_id', $business->id)->where('service_id', $id)->exists();

        $named = static fn (Builder $rows): bool => $rows->where('business_id', $business->id)->whereJsonContains('services', $id)->exists();
        if ($named(AddOn::query()) || $named(Question::query())) {
            return 'Add-ons or questions name this service. Take it off them first.';
        }

        return $sessions || Booking::query()->where('business_id', $business->id)->where('service_id', $id)->exists()
            ? 'It has been booked, so it stays. Let it rest instead: nobody can book it then, and nothing is lost.'
            : null;
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        return $book->with(services: Lists::put($book->services, $id, $content === null ? null : self::ofCore($id, $content)));
    }

    /** @param  array<string, mixed>  $content */
    private static function ofCore(string $id, array $content): Rules
    {
        return new Rules(
            id: $id,
            name: $content['name'],
            lengths: match (true) {
                $content['range'] !== null => Lengths::stepped($content['range']['min'], $content['range']['max'], $content['range']['step']),
                $content['choices'] !== [] => Lengths::choices($content['choices']),
                default => Lengths::fixed($content['minutes']),
            },
            hasSessions: $content['kind'] === 'session',
            setup: $content['setup'],
            clearup: $content['clearup'],
            startEvery: $content['startEvery'],
            gridFromOpening: $content['startFrom'] === 'opening',
            noticeMinutes: $content['noticeMinutes'],
            bookAheadDays: $content['bookAheadDays'],
            hours: $content['hours'] === null ? null : new Hours(WeeklyTable::windows($content['hours'])),
            dayparts: $content['dayparts'],
            availableFrom: $content['availableFrom'] === null ? null : Wall::day($content['availableFrom']),
            availableUntil: $content['availableUntil'] === null ? null : Wall::day($content['availableUntil']),
            locations: $content['active'] ? $content['locations'] : [], // a resting service is offered nowhere
            staff: $content['staff'],
            assignment: Assignment::from($content['assignment']),
            needs: array_map(static fn (array $need): Need => new Need($need['pool'], $need['units'], $need['perPerson'], $need['holdsBuffers']), $content['resources']),
            places: $content['places'],
            maxParty: $content['maxParty'],
            maxPerDay: $content['maxPerDay'],
        );
    }
}
