<?php

declare(strict_types=1);

/* What keeps something from being booked (YardBell\Core\Availability\Fault), and what to do about it. */

return [
    'no-hours' => [
        'what' => 'No weekday has opening hours, so nothing is open in an ordinary week.',
        'advice' => 'Set opening hours; nobody can be booked outside them.',
    ],
    'no-services' => [
        'what' => 'There is no service.',
        'advice' => 'Add a service: a booking needs one.',
    ],
    'no-staff' => [
        'what' => 'There is no staff member.',
        'advice' => 'Add a staff member: a booking needs one.',
    ],
    'no-locations' => [
        'what' => 'There is no location.',
        'advice' => 'Add a location: a booking needs one.',
    ],
    'location-outside' => [
        'what' => 'The hours of "{name}" lie wholly outside the opening hours.',
        'advice' => 'Let them overlap with the opening hours; only what both have is open.',
    ],
    'member-never' => [
        'what' => '{name} takes at most 0 bookings a day, so nobody can book them.',
        'advice' => 'Raise the limit, remove it, or let them rest.',
    ],
    'member-no-hours' => [
        'what' => '{name} has hours of their own, but none on any weekday.',
        'advice' => 'Add hours, or remove their own: then they follow the opening hours.',
    ],
    'member-outside' => [
        'what' => 'The hours of {name} lie wholly outside the opening hours.',
        'advice' => 'Widen the opening hours or move theirs; their own hours never reach beyond the opening hours.',
    ],
    'night' => [
        'what' => 'The night before runs on into {date} until {until}.',
        'advice' => 'A special day replaces only the windows that start on it. To shut the small hours too, add a closure.',
    ],
    'notice-beyond-reach' => [
        'what' => '"{name}" wants {minutes} minutes of notice but reaches only {days} days ahead.',
        'advice' => 'Shorten the notice or lengthen the reach: no start meets both.',
    ],
    'service-nowhere' => [
        'what' => '"{name}" has no location.',
        'advice' => 'Say where it takes place.',
    ],
    'service-never' => [
        'what' => '"{name}" may be booked 0 times a day, so never.',
        'advice' => 'Raise the limit, or remove it.',
    ],
    'party-over-places' => [
        'what' => '"{name}" takes parties of up to {party} but has {places} places.',
        'advice' => 'Lower the largest party or add places.',
    ],
    'service-nobody' => [
        'what' => 'Nobody does "{name}".',
        'advice' => 'Say who does it.',
    ],
    'service-resting' => [
        'what' => '"{name}" is only done by people who are resting.',
        'advice' => 'Assign somebody who is active, or end a rest.',
    ],
    'units-never' => [
        'what' => '"{name}" can never be booked: it needs {wanted} units of pool "{pool}", which has {units}.',
        'advice' => 'Add units, or ask for fewer.',
    ],
    'units-for-party' => [
        'what' => '"{name}" for a party of {party} needs {wanted} units of pool "{pool}", which has {units}.',
        'advice' => 'Add units, or ask for fewer.',
    ],
    'pool-elsewhere' => [
        'what' => '"{name}" is not offered at "{places}": pool "{pool}" is at "{at}" alone.',
        'advice' => 'Take the location off the service, or give it a pool there.',
    ],
    'never-open' => [
        'what' => '"{name}" is never open in an ordinary week: opening hours, those of its people, of its locations and its own have nothing in common.',
        'advice' => 'Compare these hours; only what all of them have is open.',
    ],
    'too-long' => [
        'what' => '"{name}" lasts {minutes} minutes, but the longest stretch open for it in an ordinary week is {longest}.',
        'advice' => 'Shorten it, or open longer without a break.',
    ],
    'no-start' => [
        'what' => '"{name}" has open time in an ordinary week, but no start in it fits its dayparts and its grid.',
        'advice' => 'Let it start more often, or in more parts of the day.',
    ],
    'none-comes' => [
        'what' => 'No session of it is scheduled.',
        'advice' => 'Nobody can book it until one is.',
    ],
    'rate-unnamed' => [
        'what' => 'No price names the tax rate "{name}".',
        'advice' => 'Name it where it is due, or take it away.',
    ],
    'surcharge-never' => [
        'what' => 'The surcharge "{name}" applies to no hour and no date.',
        'advice' => 'Say when it applies, or take it away.',
    ],
    'level-never' => [
        'what' => 'The price from {visits} visits of "{name}" is not below any price it has.',
        'advice' => 'Lower it, or take it away: it reduces nothing.',
    ],
    'code-never' => [
        'what' => 'The code "{name}" ends before it begins.',
        'advice' => 'Let it end later, or begin earlier.',
    ],
];
