<?php

declare(strict_types=1);

/*
 * Why a time is not offered, by what stands in the way (YardBell\Core\Availability\Obstacle). {service} and {who} are
 * names; {whose} is "house", "place", "service" or "person".
 */

$whose = static fn (string $open, string $offered, string $works): string => '{whose, select, '
    ."service {{name} {$offered}} person {{name} {$works}} other {{name} {$open}}}";
$is = $whose('is open', 'is offered', 'works');
$isNot = $whose('is closed', 'is not offered', 'does not work');
$weekly = 'on {weekday, select, mon {Mondays} tue {Tuesdays} wed {Wednesdays} thu {Thursdays} fri {Fridays} '
    .'sat {Saturdays} other {Sundays}}';

return [
    'weekly' => "{$is} {$weekly} only {hours}.",
    'weekly-none' => "{$isNot} {$weekly}.",
    'special' => "{$is} on {date}, a special day, only {hours}.",
    'special-none' => "{$isNot} on {date}, a special day.",
    'hours' => '{from} to {until}',
    'all-day' => 'from {from} for 24 hours',
    'hours-and' => '{hours} and {more}',
    'part' => '{name} ({hours})',

    'named' => '“{name}”',
    'unnamed' => 'It',
    'somebody' => 'Somebody',
    'somebody-else' => 'Somebody else',
    'somebody-else-of' => 'somebody else',
    'the-place' => 'The place',
    'one-of' => 'One of “{name}”',
    'one-of-units' => 'One of the units',

    'nobody-works' => 'None of them works then.',
    'break' => '{who} has a break, {stretch}.',
    'closed' => 'It is closed from {from} until {until}.',
    'closed-for' => 'Closed for “{name}” from {from} until {until}.',
    'not-yet' => '{service} can be booked from {date} on.',
    'no-longer' => '{service} could be booked until {date}.',
    'other-part' => '{service} begins only in these parts of the day: {parts}.',
    'too-soon' => 'It is too soon: {service} can be booked from {from} on.',
    'too-far' => 'It is too far ahead: {service} can be booked up to {days, plural, one {# day} other {# days}} ahead.',
    'length' => '{service} does not come in {minutes, plural, one {# minute} other {# minutes}}.',
    'party' => 'A party of {party} is more than the {most} that {service} takes.',
    'no-location' => '{service} has no location.',
    'not-there' => '{service} is not offered at {place}.',
    'nobody' => 'Nobody is assigned to {service}.',
    'not-assigned' => '{who} is not assigned to {service}.',
    'resting' => '{who} is resting.',
    'session-cancelled' => 'This session of {service} is cancelled.',
    'session-places' => '{left} of {places} places are left, {party} are asked for.',
    'no-session' => 'No session of {service} begins then.',
    'places' => '{service} has {places} places, {party} are asked for.',
    'places-left' => '{left} of {places} places are left, {party} are asked for.',
    'grid' => 'Starts are every {minutes} minutes by the clock, counted from midnight.',
    'grid-from-opening' => 'Starts are every {minutes} minutes from the beginning of the open stretch.',
    'units-elsewhere' => 'Its units are at {place} alone.',
    'units-too-few' => '“{pool}” has {units, plural, one {# unit} other {# units}}, {wanted} are needed.',
    'service-full' => '{count} of at most {most} a day are taken.',
    'gap' => '{who} would be left with {minutes, plural, one {# minute} other {# minutes}}, {stretch}: too short for anything.',
    'member-full' => '{who} takes at most {most} a day and has {count}.',

    'client' => [
        'taken' => '{who, select, none {All times of these two weeks are taken.} other {All times with {who} in these two weeks are taken.}}',
        'away' => '{who, select, none {Nobody is here for this in these two weeks.} other {{who} is not here for this in these two weeks.}}',
        'many' => 'We cannot take so many at once.',
        'session' => 'There is no session in these two weeks.',
        'not-theirs' => '{who, select, none {This cannot be booked just now.} other {{who} does not take this.}}',
        'apart' => 'Each of them has times in these two weeks, but not one right after the other.',
        'part' => '{service}: {why}',
    ],
    'taken' => [
        'hidden' => 'Somebody else is not free then.',
        'booking' => '{who} is booked{for, select, none {} other { for {for}}}{client, select, none {} other { with {client}}}, {stretch}',
        'booked' => '{who} is taken, {stretch}',
        'session' => '{who} leads a session, {stretch}',
        'time-off' => '{who} is away, {stretch}',
        'outage' => '{who} is out of order, {stretch}',
        'calendar' => '{who} is busy in an outside calendar, {stretch}',
        'plain' => '{taken}.',
        'padded' => '{taken}, set-up and clear-up included.',
        'travel' => '{taken}, and the way from there takes {minutes, plural, one {# minute} other {# minutes}}.',
    ],
];
