<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Fault;
use YardBell\Core\Availability\Finding;

/** What `check` says of a finding: the problem, and what to do about it. */
final class FindingWords
{
    /** @return array{problem: string, advice: string} */
    public static function of(Finding $finding): array
    {
        $fact = static fn (string $name): string => (string) ($finding->facts[$name] ?? '');
        [$problem, $advice] = match ($finding->fault) {
            Fault::NoHours => [
                'No weekday has opening hours, so nothing is open in an ordinary week.',
                'Set opening hours; nobody can be booked outside them.',
            ],
            Fault::NoServices => ['There is no service.', 'Add a service: a booking needs one.'],
            Fault::NoStaff => ['There is no staff member.', 'Add a staff member: a booking needs one.'],
            Fault::NoLocations => ['There is no location.', 'Add a location: a booking needs one.'],
            Fault::LocationOutside => [
                "The hours of \"{$fact('name')}\" lie wholly outside the opening hours.",
                'Let them overlap with the opening hours; only what both have is open.',
            ],
            Fault::MemberNever => [
                "{$fact('name')} takes 0 a day, that is nothing ever.",
                'Raise the limit, leave it out, or let them rest.',
            ],
            Fault::MemberNoHours => [
                "{$fact('name')} has hours of their own, but none on any weekday.",
                'Add hours, or leave the table out: then they follow the opening hours.',
            ],
            Fault::MemberOutside => [
                "The hours of {$fact('name')} lie wholly outside the opening hours.",
                'Widen the opening hours or move theirs; their own hours never reach beyond the opening hours.',
            ],
            Fault::Night => [
                "The night before runs on into {$fact('date')} until {$fact('until')}.",
                'A special day replaces only the windows that start on it. To shut the small hours too, add a closure.',
            ],
            Fault::RateUnnamed => [
                "No price names the tax rate \"{$fact('name')}\".",
                'Name it where it is due, or take it away.',
            ],
            Fault::SurchargeNever => [
                "The surcharge \"{$fact('name')}\" applies to no hour and no date.",
                'Say when it applies, or take it away.',
            ],
            Fault::LevelNever => [
                "The price from {$fact('visits')} visits of \"{$fact('name')}\" is not below any price it has.",
                'Lower it, or take it away: it reduces nothing.',
            ],
            Fault::CodeNever => [
                "The code \"{$fact('name')}\" ends before it begins.",
                'Let it end later, or begin earlier.',
            ],
            default => [
                "\"{$fact('name')}\" ".self::ofService($finding->fault, $fact).'.',
                self::adviceForService($finding->fault),
            ],
            Fault::SessionOverbooked => [
                "{$fact('count')} are booked into {$fact('places')} places.",
                'Add places, or move somebody.',
            ],
            Fault::MemberOverlap, Fault::UnitOverlap => [
                "It overlaps with {$fact('with')} of "
                    .($finding->fault === Fault::MemberOverlap ? 'staff member' : 'unit')
                    ." \"{$fact('whose')}\", by {$fact('minutes')} minutes, set-up and clear-up included.",
                'Move one of them, or mark the booking "doubleBooked" if it is meant.',
            ],
        };

        return ['problem' => $problem, 'advice' => $advice];
    }

    /** @param  callable(string): string  $fact */
    private static function ofService(Fault $fault, callable $fact): string
    {
        return match ($fault) {
            Fault::NoticeBeyondReach => "wants {$fact('minutes')} minutes of notice but reaches only {$fact('days')} "
                .'days ahead',
            Fault::ServiceNowhere => 'has no location',
            Fault::ServiceNever => 'may be booked 0 times a day, that is never',
            Fault::PartyOverPlaces => "takes parties of up to {$fact('party')} but has {$fact('places')} places",
            Fault::ServiceNobody => 'is taken by nobody',
            Fault::ServiceResting => 'is only taken by people who are resting',
            Fault::UnitsNever => "can never be booked: it needs {$fact('wanted')} units of pool \"{$fact('pool')}\", "
                ."which has {$fact('units')}",
            Fault::UnitsForParty => "for a party of {$fact('party')} needs {$fact('wanted')} units of pool "
                ."\"{$fact('pool')}\", which has {$fact('units')}",
            Fault::PoolElsewhere => "is not offered at \"{$fact('places')}\": pool \"{$fact('pool')}\" is at "
                ."\"{$fact('at')}\" alone",
            Fault::NeverOpen => 'is never open in an ordinary week: opening hours, those of its people, of its '
                .'locations and its own have nothing in common',
            Fault::TooLong => "lasts {$fact('minutes')} minutes, but the longest stretch open for it in an ordinary "
                ."week is {$fact('longest')}",
            Fault::NoStart => 'has open time in an ordinary week, but no start in it fits its dayparts and its grid',
            default => 'has no session that is scheduled',
        };
    }

    private static function adviceForService(Fault $fault): string
    {
        return match ($fault) {
            Fault::NoticeBeyondReach => 'Shorten the notice or lengthen the reach: no start meets both.',
            Fault::ServiceNowhere => 'Say where it takes place.',
            Fault::ServiceNever => 'Raise the limit, or leave it out.',
            Fault::PartyOverPlaces => 'Lower the largest party or add places.',
            Fault::ServiceNobody => 'Say who does it.',
            Fault::ServiceResting => 'Assign somebody who is active, or end a rest.',
            Fault::UnitsNever, Fault::UnitsForParty => 'Add units, or ask for fewer.',
            Fault::PoolElsewhere => 'Take the location off the service, or give it a pool there.',
            Fault::NeverOpen => 'Compare these hours; only what all of them have is open.',
            Fault::TooLong => 'Shorten it, or open longer without a break.',
            Fault::NoStart => 'Let it start more often, or in more parts of the day.',
            default => 'Schedule one: it is offered at its sessions only.',
        };
    }
}
