<?php

declare(strict_types=1);

/* What a booking costs and how it stands. Amounts come written for the reader; {whom} is "client" or "house". */

return [
    'on_request' => 'price on request',
    'from' => 'from {amount}',
    'free' => 'free',

    'settled_later' => '{whom, select, client {The price is settled when you come.} other {The price is settled when they come.}}',
    'part_paid' => '{whom, select, client {{paid} paid, {due} to be paid when you come.} other {{paid} paid, {due} to be paid when they come.}}',
    'part_paid_now' => '{paid} paid, {due} to be paid now, by card.',
    'part_paid_part_now' => '{whom, select, client {{paid} paid, {amount} to be paid now, by card; the rest when you come.} other {{paid} paid, {amount} to be paid now, by card; the rest when they come.}}',
    'now' => 'To be paid now, by card.',
    'part_now' => '{whom, select, client {{amount} to be paid now, by card; the rest when you come.} other {{amount} to be paid now, by card; the rest when they come.}}',
    'as_you_like' => 'To be paid now or when you come, as you like.',
    'later' => '{whom, select, client {To be paid when you come.} other {To be paid when they come.}}',
    'paid' => 'Paid.',
    'card_asked' => 'A card is asked for and kept, in case you do not come; nothing is charged now.',
    'card_kept' => '{whom, select, client {Your card is kept; nothing was charged to it.} other {A card is kept; nothing was charged to it.}}',

    'nothing_charged' => 'Nothing was charged.',
    'was_paid' => '{amount} was paid.',
    'kept' => '{for, select, missed {{amount} of it is kept as the no-show fee.} other {{amount} of it is kept, as agreed for cancelling late.}}',
    'kept_whole' => '{for, select, missed {{amount} was paid and is kept as the no-show fee.} other {{amount} was paid and is kept, as agreed for cancelling late.}}',
    'fee_due' => '{for, select, missed {{amount} is still due as the no-show fee.} other {{amount} is still due, as agreed for cancelling late.}}',
    'charging' => '{for, select, missed {{amount} is being charged to the card on file as the no-show fee.} other {{amount} is being charged to the card on file, as agreed for cancelling late.}}',
    'charged' => '{for, select, missed {{amount} was charged to the card on file as the no-show fee.} other {{amount} was charged to the card on file, as agreed for cancelling late.}}',
    'still_due' => '{amount} is still due.',
    'waived' => '{for, select, missed {The no-show fee of {amount} is waived.} other {The cancellation fee of {amount} is waived.}}',
    'card_charged' => '{amount} was charged to the card on file.',
    'elsewhere' => '{amount} of what was paid is for the rest of the visit.',
    'to_give' => '{amount} is still to be refunded.',
    'returning' => '{amount} is on its way back.',
    'credited' => '{amount} is account credit now.',
    'returned' => '{amount} has been refunded.',

    'code_gone' => 'Your payment came late, and the code was used up by then.',
    'earlier_less' => 'With this booking your earlier ones cost {amount} less.',
    'terms_ahead' => 'Free to cancel until {until}. After that it costs {cost}.',
    'terms_past' => 'It is too late to cancel free of charge: cancelling costs {cost}.',
    'terms_open' => '{unit, select, none {Free to cancel until it begins.} days {Free to cancel until {count, plural, one {a day} other {# days}} before.} hours {Free to cancel until {count, plural, one {an hour} other {# hours}} before.} other {Free to cancel until {count, plural, one {a minute} other {# minutes}} before.}} After that it costs {cost}.',
    'terms_of_part' => '{service}: {terms}',
    'part_of_price' => '{percent} % of the price',
];
