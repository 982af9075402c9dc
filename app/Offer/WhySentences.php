<?php

declare(strict_types=1);

namespace App\Offer;

use App\Access\Access;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Instants;
use App\Support\LocalTime;
use YardBell\Core\Availability\Reason;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;

/**
 * Why something is not offered (rules.md T19), as a person would say it: with the weekday, the hours, the name of what
 * is in the way, and where it is set. Whoever sees only their own day is not told what their colleagues do.
 */
final readonly class WhySentences
{
    /** @param  int  $day day number of the hour asked about */
    public function __construct(
        private RuleBook $book,
        private Business $business,
        private int $day,
        private string $service,
        private ?string $onlyLane,
    ) {
    }

    public static function for(RuleBook $book, Business $business, int $day, string $service, Access $access): self
    {
        return new self($book, $business, $day, $service, $access->ownLane());
    }

    /** @return array{says: string, link: string|null} */
    public function of(Reason $reason): array
    {
        [$thing, $id, $date] = self::cause($reason->because);
        $says = match ($thing) {
            'opening hours', 'special day' => $this->hours(
                $this->business->name.' is open',
                "{$this->business->name} is closed",
                $this->book->openingHours,
                $date,
            ),
            'hours of location', 'special day of location' => $this->hours(
                "{$this->place($id)} is open",
                "{$this->place($id)} is closed",
                $this->book->locations[$id]->hours,
                $date,
            ),
            'hours of service' => $this->hours(
                "{$this->name()} is offered",
                "{$this->name()} is not offered",
                $this->book->services[$id]->hours,
                $date,
            ),
            'hours of staff member', 'special day of staff member' => $this->ownHours($id, $date),
            'break of staff member' => "{$this->person($id)} has a break, {$this->stretch($reason)}.",
            'closure' => $this->closure($id),
            'availableFrom of service' => "{$this->name()} can be booked from {$this->date(
                $this->book->services[$id]->availableFrom ?? 0,
            )} on.",
            'availableUntil of service' => "{$this->name()} could be booked until {$this->date(
                $this->book->services[$id]->availableUntil ?? 0,
            )}.",
            'dayparts of service' => $this->dayparts(),
            'notice of service' => "It is too soon: {$this->name()} can be booked from {$this->instant(
                $reason->facts['from'] ?? 0,
            )} on.",
            'reach of service' => "It is too far ahead: {$this->name()} can be booked up to {$this->count(
                $this->book->services[$id]->bookAheadDays,
                'day',
            )} ahead.",
            'service' => $reason->rule === 'T15' ? "No session of {$this->name()} begins then." : $this->plain($reason),
            default => $reason->facts === [] ? $this->plain($reason) : $this->taken($reason, $thing, $id),
        };

        return ['says' => $says, 'link' => $this->link($thing, $id, $reason)];
    }

    /**
     * "special day of staff member 01ABC 2027-03-01" as its kind, its id and its date.
     *
     * @return array{string, string, string|null}
     */
    private static function cause(string $because): array
    {
        preg_match(
            '/^([a-zA-Z -]+?)(?: ([0-9A-HJKMNP-TV-Z]{26}))?(?: (\d{4}-\d\d-\d\d))?(?:, .*)?\z/',
            $because,
            $parts,
        );

        return [$parts[1] ?? $because, $parts[2] ?? '', ($parts[3] ?? '') === '' ? null : $parts[3]];
    }

    private function hours(string $open, string $closed, ?Hours $hours, ?string $date): string
    {
        $windows = $hours?->on($this->day) ?? [];
        $when = $date === null ? "on {$this->weekday()}s" : "on {$this->date($this->day)}, a special day,";

        return $windows === []
            ? "{$closed} ".rtrim($when, ',').'.'
            : "{$open} {$when} only {$this->windows($windows)}.";
    }

    private function ownHours(string $id, ?string $date): string
    {
        if ($this->isHidden($id)) {
            return 'Nobody of them works then.';
        }
        $member = $this->book->staff[$id];
        $own = new Hours($member->weekly ?? [], $member->special);

        return $this->hours("{$member->name} works", "{$member->name} does not work", $own, $date);
    }

    private function closure(string $id): string
    {
        foreach ($this->book->closures as $closure) {
            if ($closure->id === $id && $closure->span->interval !== null) {
                $until = $this->instant($closure->span->interval->end);

                return ($closure->name === '' ? 'It is closed' : "Closed for “{$closure->name}”")
                    ." from {$this->instant($closure->span->interval->start)} until {$until}.";
            }
        }

        return 'It is closed.';
    }

    private function dayparts(): string
    {
        $parts = array_map(
            fn (string $id): string => "{$this->book->dayparts[$id]->name} ({$this->windows([
                $this->book->dayparts[$id]->window,
            ])})",
            $this->book->services[$this->service]->dayparts,
        );

        return "{$this->name()} begins only in these parts of the day: ".implode(', ', $parts).'.';
    }

    /** Somebody or something is taken by something else. */
    private function taken(Reason $reason, string $thing, string $id): string
    {
        $member = $reason->facts['member'] ?? null;
        if ($member !== null && $this->isHidden($member)) {
            return 'Somebody else is not free then.';
        }
        $who =
            $member !== null
                ? $this->person($member)
                : 'One of “'.($this->book->pools[$reason->facts['pool'] ?? '']->name ?? 'the units').'”';
        $by = match ($thing) {
            'booking' => $this->onlyLane === null ? $this->booking($id) : 'is taken',
            'session' => 'leads a session',
            'time off' => 'is away',
            'outage of' => 'is out of order',
            default => 'is busy in an outside calendar',
        };
        $with = in_array($thing, ['booking', 'session'], true) ? ', set-up and clear-up included' : '';
        $way =
            ($reason->facts['travel'] ?? false) === true
                ? ", and the way from there takes {$this->count($this->book->travelMinutes, 'minute')}"
                : '';

        return "{$who} {$by}, {$this->stretch($reason)}".($way === '' ? $with : $way).'.';
    }

    private function booking(string $id): string
    {
        $booking = Booking::query()->where('business_id', $this->business->id)->find($id);
        $client = $booking->contact['name'] ?? null;

        return 'is booked'
            .($booking === null ? '' : " for {$booking->service_name}")
            .($client === null ? '' : " with {$client}");
    }

    /** What the core says is a sentence already, but for ids in it. */
    private function plain(Reason $reason): string
    {
        return (string) preg_replace_callback(
            '/\b[0-9A-HJKMNP-TV-Z]{26}\b/',
            fn (array $id): string => $this->book->locations[$id[0]]->name ??
                ($this->book->pools[$id[0]]->name ?? ($this->book->staff[$id[0]]->name ?? 'it')),
            $reason->detail,
        );
    }

    private function link(string $thing, string $id, Reason $reason): ?string
    {
        return match (true) {
            $thing === 'opening hours' => 'roster/hours',
            $thing === 'special day', $thing === 'closure', str_starts_with($thing, 'special day of') => 'roster/year',
            $thing === 'hours of location', $thing === 'location' => "roster/locations/{$id}",
            $thing === 'pool' => "roster/resources/{$id}",
            $thing === 'outage of' => 'roster/resources',
            $thing === 'booking' => "board?date={$this->localDate($reason)}&booking={$id}",
            in_array($thing, ['staff member', 'hours of staff member', 'break of staff member'], true) &&
                ! $this->isHidden($id) => "roster/people/{$id}",
            $thing === 'time off'
                && isset($reason->facts['member'])
                && ! $this->isHidden($reason->facts['member']) => "roster/people/{$reason->facts['member']}",
            default => null, // of the service itself, on whose page one is
        };
    }

    private function isHidden(string $member): bool
    {
        return $this->onlyLane !== null && $member !== $this->onlyLane;
    }

    private function name(): string
    {
        $name = $this->book->services[$this->service]->name;

        return $name === '' ? 'It' : "“{$name}”";
    }

    private function person(string $id): string
    {
        return $this->isHidden($id) ? 'Somebody else' : $this->book->staff[$id]->name ?? 'Somebody';
    }

    private function place(string $id): string
    {
        return $this->book->locations[$id]->name ?? 'The place';
    }

    private function weekday(): string
    {
        return ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'][
            Wall::weekday($this->day)
        ];
    }

    /** @param  list<Window>  $windows */
    private function windows(array $windows): string
    {
        $clock = fn (int $minute): string => LocalTime::ofDay($minute % Wall::DAY, $this->business);

        return implode(
            ' and ',
            array_map(
                static fn (Window $window): string => "{$clock($window->from)} to {$clock($window->to)}",
                $windows,
            ),
        );
    }

    private function stretch(Reason $reason): string
    {
        [$from, $until] = [$reason->facts['from'] ?? 0, $reason->facts['until'] ?? 0];
        $sameDay = $this->book->zone->day($from) === $this->day && $this->book->zone->day($until - 1) === $this->day;

        return $sameDay
            ? LocalTime::clock(Instants::carbon($from), $this->business)
                    .' to '
                    .LocalTime::clock(Instants::carbon($until), $this->business)
            : "{$this->instant($from)} to {$this->instant($until)}";
    }

    private function localDate(Reason $reason): string
    {
        return Wall::date($this->book->zone->day($reason->facts['from'] ?? 0));
    }

    private function instant(int $instant): string
    {
        return LocalTime::short(Instants::carbon($instant), $this->business);
    }

    private function date(int $day): string
    {
        return LocalTime::date($day);
    }

    private function count(int $count, string $one): string
    {
        return "{$count} {$one}".($count === 1 ? '' : 's');
    }
}
