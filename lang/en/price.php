<?php

declare(strict_types=1);

/* What made a line of a quote, for whoever sets the prices. Amounts come written for the reader. */

return [
    'its_price' => 'Its price is {amount}.',
    'for_length' => '{minutes} minutes cost {amount}.',
    'steps' => '{steps, plural, one {# step} other {# steps}} of {minutes} minutes, {amount} each.',
    'with_person' => 'With {name} it costs {amount}.',
    'people' => '{count, plural, one {One more} other {# more}}: {amounts}{more, select, yes { and so on} other {}}.',
    'add_on' => '{quantity} × {amount}.',
    'add_on_each' => '{quantity} × {amount} for each of {party}.',
    'surcharge_outside_hours' => 'It lies outside the hours without it: {how}.',
    'surcharge_weekdays' => 'It is on one of its weekdays: {how}.',
    'surcharge_dates' => 'It is on one of its dates: {how}.',
    'part' => '{percent} % of {of}',
    'frequency' => '{nth, plural, one {# visit} other {# visits}} in {period, select, day {the day} week {the week} other {the month}}: {amount} instead of {before}.',
    'code_part' => '{percent} % of what is left{extras, select, yes {, add-ons and surcharges too} other { of base and people}}.',
    'code_amount' => '{amount} off what is left.',
    'tax' => '{percent} % of {what}, {of}.',
];
