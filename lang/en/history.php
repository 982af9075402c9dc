<?php

declare(strict_types=1);

/* What has become of a booking, by whom and why. */

return [
    'by_client' => 'client',
    'by_clock' => 'the clock',
    'by_import' => 'the import',
    'session' => [
        'scheduled' => 'scheduled',
        'changed' => '{moved, select, yes {moved from {from}} other {changed}}',
        'cancelled' => 'cancelled{hasWhy, select, yes {: {why}} other {}}',
    ],
    'suggested' => 'other times suggested',
    'noted' => 'a note added',
    'moved' => 'moved from {from}',
    'party' => '{from, plural, one {one person} other {# people}} before, {to, plural, one {one} other {#}} now',
    'links_void' => 'links to it made void',
    'details' => 'answers or note changed',
    'undone' => 'undone',
    'walk_in' => 'Walk-in',
    'cheaper' => 'a lower price, as they come more often',
    'priced' => 'the price settled',
    'taken_again' => 'taken again',
    'code_gone' => 'The payment came after the code had been used up by others.',
    'paid_too_late' => 'The payment came after the time was given to somebody else.',
    'processor_silent' => 'The payment service does not answer just now.',
];
