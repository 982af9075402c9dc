<?php

declare(strict_types=1);

return [
    'nothing_came_back_check' => 'Nothing came back. Check the connection and try again; nothing you typed is lost.',
    'that_did_not_work' => 'That did not work. Try again in a moment.',
    'am' => '{time} am',
    'pm' => '{time} pm',
    'days' => '{count, plural, one {# day} other {# days}}',
    'minutes' => '{count, plural, one {# minute} other {# minutes}}',
    'hours' => '{count, plural, one {# hour} other {# hours}}',
    'hours_minutes' => '{hours} {minutes}',
    'short_minutes' => '{minutes} min',
    'short_hours' => '{hours} h',
    'short_hours_minutes' => '{hours} h {minutes}',
    'reads' => [
        'minute' => 'm, min, mins, minute, minutes',
        'hour' => 'h, hr, hrs, hour, hours',
        'day' => 'd, day, days',
        'week' => 'w, week, weeks',
        'am' => 'a, am',
        'pm' => 'p, pm',
        'noon' => 'noon',
        'midnight' => 'midnight',
        'today' => 'today',
        'tomorrow' => 'tomorrow',
        'next' => 'next',
    ],
];
