<?php

declare(strict_types=1);

/* What the history calls things that have no name of their own. */

return [
    'facts' => 'The business',
    'opening_hours' => 'Opening hours',
    'special_day' => 'Special day {date}',
    'taxes' => 'Whether prices include tax',
    'access' => 'Sign-in as {role, select, owner {owner} manager {manager} desk {desk} staff {staff} bookkeeper {bookkeeper} other {somebody}}',
    'time_off' => 'Time off {name}',
];
