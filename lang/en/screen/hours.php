<?php

declare(strict_types=1);

return [
    'weekdays_hours' => '{first} to {last} {hours}',
    'anywhere' => 'anywhere',
    'only' => 'only {name}',
    'counts_for' => 'Counts for',
    'split' => 'Split',
    'remove' => 'Remove',
    'done' => 'Done',
    'typed' => '{day}, typed',
    'outside_opening_hours_so' => 'Outside the opening hours, so cut off: {list}.',
    'copy' => 'Copy',
    'copy_to_other_days' => 'Copy {name} to other days',
    'to_other_working_days' => 'to the other working days',
    'to_working_days' => 'to the working days',
    'to_every_day' => 'to every day',
    'copy_to_day' => 'to {other}',
    'ends_next_day' => '{time} the next day',
    'end_begins' => '{day}, begins',
    'end_ends' => '{day}, ends',
    'typed_help' => 'Typed like 9-12:30, 13:30-18. Nothing typed: {empty}.',
];
