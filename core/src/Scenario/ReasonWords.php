<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Obstacle;
use YardBell\Core\Availability\Reason;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Wall;

use function array_map;
use function implode;
use function is_int;
use function is_string;

/** What `why` says of a reason, besides its rule and its cause. */
final readonly class ReasonWords
{
    private ClockWords $told;

    public function __construct(private RuleBook $book)
    {
        $this->told = new ClockWords($book->zone);
    }

    public function of(Reason $reason): string
    {
        $facts = $reason->facts;
        $fact = static function (string $name) use ($facts): string {
            $one = $facts[$name] ?? '';

            return is_int($one) || is_string($one) ? (string) $one : '';
        };
        $member = $this->book->staff[$facts['member'] ?? '']->name ?? '';
        $stretch = fn (): string => $this->told->stretch($facts['from'] ?? 0, $facts['until'] ?? 0);
        $day = static fn (): string => Wall::date($facts['day'] ?? 0);

        return match ($reason->what) {
            Obstacle::Outside => "{$stretch()} does not lie within them. Windows that start on {$day()}: "
                .ClockWords::windows($facts['windows'] ?? []).'.',
            Obstacle::Break => "{$member} has a break in it: {$this->stretches($facts['stretches'] ?? [])}.",
            Obstacle::Closed => "Closed from {$stretch()}.",
            Obstacle::NotYet => "It is available from {$day()} on.",
            Obstacle::NoLonger => "It is available until {$day()}.",
            Obstacle::OtherPart => "It starts only in: {$this->parts($facts['parts'] ?? [])}.",
            Obstacle::TooSoon => "{$fact('minutes')} minutes of notice: the earliest start is "
                ."{$this->told->instant($facts['from'] ?? 0)}, {$fact('by')} minutes later.",
            Obstacle::TooFar => "It reaches {$fact('days')} days ahead, until {$day()}, {$fact('by')} days earlier.",
            Obstacle::Length => "It does not come in {$fact('minutes')} minutes.",
            Obstacle::Party => "A party of {$fact('party')} is more than the {$fact('most')} it takes.",
            Obstacle::NoLocation => 'It has no location.',
            Obstacle::NotThere => 'The service is not offered there.',
            Obstacle::Nobody => 'Nobody is assigned to it.',
            Obstacle::NotAssigned => "{$member} is not assigned to the service.",
            Obstacle::Resting => "{$member} is resting.",
            Obstacle::SessionCancelled => 'It is cancelled.',
            Obstacle::SessionPlaces => "{$fact('left')} of its {$fact('places')} places are left, "
                ."{$fact('party')} are asked for.",
            Obstacle::NoSession => "No session of it is scheduled at {$this->told->instant($facts['from'] ?? 0)}"
                .(($facts['wished'] ?? false) ? ' as asked for.' : '.'),
            Obstacle::Places => "It has {$fact('places')} places, {$fact('party')} are asked for.",
            Obstacle::PlacesLeft => "{$fact('left')} of {$fact('places')} places are left, "
                ."{$fact('party')} are asked for.",
            Obstacle::Grid => "Starts are every {$fact('minutes')} minutes by the clock, counted from midnight.",
            Obstacle::GridFromOpening => "Starts are every {$fact('minutes')} minutes from the beginning of the open "
                .'stretch.',
            Obstacle::Taken => "It takes {$member} from {$stretch()}, set-up and clear-up included.",
            Obstacle::Travel => "It takes {$member} from {$stretch()}, and {$fact('minutes')} minutes of travel to or "
                ."from location {$fact('location')}.",
            Obstacle::UnitsElsewhere => "Its units are at location {$fact('location')} alone.",
            Obstacle::UnitsTooFew => "It has {$fact('units')} units, {$fact('wanted')} are needed.",
            Obstacle::UnitTaken => "Unit {$fact('unit')} of pool {$fact('pool')} is taken from {$stretch()}, "
                ."{$fact('wanted')} free ones are needed.",
            Obstacle::ServiceFull => "{$fact('count')} of at most {$fact('most')} a day are taken.",
            Obstacle::Gap => "It would leave {$this->gaps($facts['lost'] ?? [])}, too short for anything.",
            Obstacle::MemberFull => "{$member} takes at most {$fact('most')} a day and has {$fact('count')}.",
        };
    }

    /** @param  list<array{int, int}>  $stretches */
    private function stretches(array $stretches): string
    {
        return implode(', ', array_map(fn (array $one): string => $this->told->stretch(...$one), $stretches));
    }

    /** @param  list<array{member: string, from: int, until: int}>  $lost */
    private function gaps(array $lost): string
    {
        return implode(
            ' and ',
            array_map(
                fn (array $gap): string => "{$this->book->staff[$gap['member']]->name} "
                    .($gap['until'] - $gap['from'])." minutes from {$this->told->stretch($gap['from'], $gap['until'])}",
                $lost,
            ),
        );
    }

    /** @param  list<string>  $parts ids */
    private function parts(array $parts): string
    {
        return implode(
            ', ',
            array_map(
                fn (string $id): string => "{$this->book->dayparts[$id]->name} ".ClockWords::windows([
                    $this->book->dayparts[$id]->window,
                ]),
                $parts,
            ),
        );
    }
}
