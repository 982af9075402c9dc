<?php

declare(strict_types=1);

namespace App\Offer;

use App\Access\Access;
use App\Language\Catalogue;
use App\Language\Sentence;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Instants;
use App\Support\LocalTime;
use YardBell\Core\Availability\Cause;
use YardBell\Core\Availability\CauseKind;
use YardBell\Core\Availability\Obstacle;
use YardBell\Core\Availability\Reason;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Verdict;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;

/**
 * Why something is not offered (rules.md T19), as a person would say it: with the weekday, the hours, the name of what
 * is in the way, and where it is set. Whoever sees only their own day is not told what their colleagues do.
 */
final readonly class WhySentences
{
    /**
     * @param  int  $day day number of the hour asked about
     * @param  Access|null  $access null: a client, who is told nothing of what is taken, and by what
     */
    public function __construct(
        private Catalogue $catalogue,
        private RuleBook $book,
        private Business $business,
        private int $day,
        private string $service,
        private ?Access $access,
    ) {
    }

    /** @return array{says: string, link: string|null} */
    public function of(Reason $reason): array
    {
        $says = match ($reason->what) {
            Obstacle::Outside => $this->hours($reason),
            Obstacle::Closed => $this->closure($reason),
            Obstacle::Taken, Obstacle::Travel, Obstacle::UnitTaken => $this->taken($reason),
            Obstacle::Gap => $this->gap($reason),
            // each by name: whoever adds one says here whether it tells what somebody's colleagues do
            Obstacle::Break,
            Obstacle::NotYet,
            Obstacle::NoLonger,
            Obstacle::OtherPart,
            Obstacle::TooSoon,
            Obstacle::TooFar,
            Obstacle::Length,
            Obstacle::Party,
            Obstacle::NoLocation,
            Obstacle::NotThere,
            Obstacle::Nobody,
            Obstacle::NotAssigned,
            Obstacle::Resting,
            Obstacle::SessionCancelled,
            Obstacle::SessionPlaces,
            Obstacle::NoSession,
            Obstacle::Places,
            Obstacle::PlacesLeft,
            Obstacle::Grid,
            Obstacle::GridFromOpening,
            Obstacle::UnitsElsewhere,
            Obstacle::UnitsTooFew,
            Obstacle::ServiceFull,
            Obstacle::MemberFull => new Sentence("why.{$reason->what->value}", $this->parameters($reason)),
        };

        return ['says' => $this->catalogue->sentence($says), 'link' => $this->link($reason)];
    }

    /**
     * @param  list<Verdict>  $verdicts
     * @return list<string> sentences of all their reasons, each once
     */
    public function ofAll(array $verdicts): array
    {
        $reasons = array_merge(...array_map(static fn (Verdict $verdict): array => $verdict->reasons, $verdicts));

        return array_values(array_unique(array_column(array_map($this->of(...), $reasons), 'says')));
    }

    /** @return array<string, int|string|Sentence> what sentences are made of */
    private function parameters(Reason $reason): array
    {
        $facts = $reason->facts;
        $id = $reason->causes[0]->id;
        $counts = array_filter($facts, static fn (mixed $fact): bool => is_int($fact) || is_string($fact));

        return [
            ...$counts,
            'service' => $this->name(),
            'who' => $this->person($facts['member'] ?? ''),
            'pool' => $this->book->pools[$id]->name ?? '',
            'place' => $this->place($facts['location'] ?? $id),
            'from' => LocalTime::short(Instants::carbon($facts['from'] ?? 0), $this->business),
            'date' => LocalTime::date($facts['day'] ?? 0),
            'stretch' => $this->stretch($reason),
            'parts' => $this->parts($facts['parts'] ?? []),
        ];
    }

    private function hours(Reason $reason): Sentence
    {
        $cause = $reason->causes[0];
        [$whose, $name] = match ($cause->kind) {
            CauseKind::HoursOfLocation, CauseKind::SpecialDayOfLocation => ['place', $this->place($cause->id)],
            CauseKind::HoursOfService => ['service', $this->name()],
            CauseKind::HoursOfMember, CauseKind::SpecialDayOfMember => ['person', $this->person($cause->id)],
            default => ['house', $this->business->name],
        };
        if ($whose === 'person' && $this->isHidden($cause->id)) {
            return new Sentence('why.nobody-works');
        }
        $windows = $reason->facts['windows'] ?? [];
        $code = ($cause->day === null ? 'weekly' : 'special').($windows === [] ? '-none' : '');

        return new Sentence("why.{$code}", [
            'whose' => $whose,
            'name' => $name,
            'weekday' => Wall::WEEKDAYS[Wall::weekday($this->day)],
            'date' => LocalTime::date($this->day),
            'hours' => $this->windows($windows),
        ]);
    }

    private function closure(Reason $reason): Sentence
    {
        $name = '';
        foreach ($this->book->closures as $closure) {
            $name = $closure->id === $reason->causes[0]->id ? $closure->name : $name;
        }

        return new Sentence($name === '' ? 'why.closed' : 'why.closed-for', [
            'name' => $name,
            'from' => LocalTime::short(Instants::carbon($reason->facts['from'] ?? 0), $this->business),
            'until' => LocalTime::short(Instants::carbon($reason->facts['until'] ?? 0), $this->business),
        ]);
    }

    /** What would be lost with it (rules.md T21), the first of it where it is more than one gap. */
    private function gap(Reason $reason): Sentence
    {
        $lost = $reason->facts['lost'][0] ?? ['member' => '', 'from' => 0, 'until' => 0];
        $stretch = new Reason($reason->rule, $reason->what, $reason->causes, $lost);

        return new Sentence('why.gap', [
            'who' => $this->person($lost['member']),
            'minutes' => $lost['until'] - $lost['from'],
            'stretch' => $this->stretch($stretch),
        ]);
    }

    /** Somebody or something is taken by something else. */
    private function taken(Reason $reason): Sentence
    {
        [$member, $cause] = [$reason->facts['member'] ?? null, $reason->causes[0]];
        if ($this->access === null || ($member !== null && $this->isHidden($member))) {
            return new Sentence('why.taken.hidden');
        }
        $pool = $this->book->pools[$reason->facts['pool'] ?? '']->name ?? '';
        $taken = match ($cause->kind) {
            CauseKind::Booking => $this->access->ownLane() === null ? 'booking' : 'booked',
            CauseKind::Session => 'session',
            CauseKind::TimeOff => 'time-off',
            CauseKind::Outage => 'outage',
            default => 'calendar',
        };
        $how = match (true) {
            $reason->what === Obstacle::Travel => 'travel',
            in_array($cause->kind, [CauseKind::Booking, CauseKind::Session], true) => 'padded',
            default => 'plain',
        };

        return new Sentence("why.taken.{$how}", [
            'minutes' => $this->book->travelMinutes,
            'taken' => new Sentence("why.taken.{$taken}", [
                'who' => match (true) {
                    $member !== null => $this->person($member),
                    $pool === '' => new Sentence('why.one-of-units'),
                    default => new Sentence('why.one-of', ['name' => $pool]),
                },
                'stretch' => $this->stretch($reason),
                ...$taken === 'booking' ? $this->booking($cause) : [],
            ]),
        ]);
    }

    /** @return array{for: string, client: string} "none" where it is not known */
    private function booking(Cause $cause): array
    {
        $booking = Booking::query()->where('business_id', $this->business->id)->find($cause->id);

        return ['for' => $booking->service_name ?? 'none', 'client' => $booking->contact['name'] ?? 'none'];
    }

    private function link(Reason $reason): ?string
    {
        [$kind, $id] = [$reason->causes[0]->kind, $reason->causes[0]->id];
        $member = $reason->facts['member'] ?? $id;

        return match ($kind) {
            CauseKind::OpeningHours => 'roster/hours',
            CauseKind::TightDays => 'roster/business',
            CauseKind::SpecialDay, CauseKind::SpecialDayOfLocation, CauseKind::SpecialDayOfMember,
            CauseKind::Closure => 'roster/year',
            CauseKind::HoursOfLocation, CauseKind::Location => "roster/locations/{$id}",
            CauseKind::Pool => "roster/resources/{$id}",
            CauseKind::Outage => 'roster/resources',
            CauseKind::Booking => "board?date={$this->localDate($reason)}&booking={$id}",
            CauseKind::Member, CauseKind::HoursOfMember, CauseKind::BreakOfMember,
            CauseKind::TimeOff => $this->isHidden($member) ? null : "roster/people/{$member}",
            default => null, // of the service itself, on whose page one is
        };
    }

    private function isHidden(string $member): bool
    {
        $own = $this->access?->ownLane();

        return $own !== null && $member !== $own;
    }

    private function name(): Sentence
    {
        $name = $this->book->services[$this->service]->name;

        return $name === '' ? new Sentence('why.unnamed') : new Sentence('why.named', ['name' => $name]);
    }

    private function person(string $id): Sentence|string
    {
        return $this->isHidden($id)
            ? new Sentence('why.somebody-else')
            : $this->book->staff[$id]->name ?? new Sentence('why.somebody');
    }

    private function place(string $id): Sentence|string
    {
        return $this->book->locations[$id]->name ?? new Sentence('why.the-place');
    }

    /** @param  list<string>  $parts ids */
    private function parts(array $parts): string
    {
        $said = array_map(fn (string $id): string => $this->catalogue->say('why.part', [
            'name' => $this->book->dayparts[$id]->name,
            'hours' => $this->windows([$this->book->dayparts[$id]->window]),
        ]), $parts);

        return implode(', ', $said);
    }

    /** @param  list<Window>  $windows */
    private function windows(array $windows): Sentence|string
    {
        $clock = fn (int $minute): string => LocalTime::ofDay($minute % Wall::DAY, $this->business);
        $all = null;
        foreach ($windows as $window) {
            // rules.md T2: equal times are 24 hours
            $one = $window->from === $window->to || $window->to - $window->from === Wall::DAY
                ? new Sentence('why.all-day', ['from' => $clock($window->from)])
                : new Sentence('why.hours', ['from' => $clock($window->from), 'until' => $clock($window->to)]);
            $all = $all === null ? $one : new Sentence('why.hours-and', ['hours' => $all, 'more' => $one]);
        }

        return $all ?? '';
    }

    private function stretch(Reason $reason): Sentence
    {
        [$from, $until] = [$reason->facts['from'] ?? 0, $reason->facts['until'] ?? 0];
        $sameDay = $this->book->zone->day($from) === $this->day && $this->book->zone->day($until - 1) === $this->day;
        $written = fn (int $instant): string => $sameDay
            ? LocalTime::clock(Instants::carbon($instant), $this->business)
            : LocalTime::short(Instants::carbon($instant), $this->business);

        return new Sentence('why.hours', ['from' => $written($from), 'until' => $written($until)]);
    }

    private function localDate(Reason $reason): string
    {
        return Wall::date($this->book->zone->day($reason->facts['from'] ?? 0));
    }
}
