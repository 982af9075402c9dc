<?php

declare(strict_types=1);

/* What an act does to money, said before it is done. {whom} is "client" or "house", {for} is "late" or "missed". */

return [
    'price_stays' => 'The price stays {amount}.',
    'price_becomes' => 'It then costs {amount} instead of {was}.',
    'nothing' => '{whom, select, client {Nothing is charged.} other {No money moves.}}',
    'goes_back' => '{way, select, processor {{whom, select, client {{amount} goes back to your card.} other {{amount} goes back to their card.}}} credit {{whom, select, client {{amount} goes back to your account credit.} other {{amount} goes back to their account credit.}}} other {{amount} goes back.}}',
    'by_hand' => '{whom, select, client {{amount} was paid at the desk and is refunded there.} other {{amount} was paid at the desk: you refund it by hand.}}',
    'fee_waived' => '{for, select, missed {The no-show fee of {amount} is waived.} other {The cancellation fee of {amount} is waived.}}',
    'fee_kept' => '{for, select, missed {{amount} of what was paid is kept as the no-show fee.} other {{amount} of what was paid is kept as the cancellation fee.}}',
    'fee_charged' => '{whom, select, client {{for, select, missed {{amount} is charged to your kept card as the no-show fee.} other {{amount} is charged to your kept card as the cancellation fee.}}} other {{for, select, missed {{amount} is charged to their kept card as the no-show fee.} other {{amount} is charged to their kept card as the cancellation fee.}}}}',
    'fee_due' => '{for, select, missed {{amount} stays due as the no-show fee.} other {{amount} stays due as the cancellation fee.}}',
    'fee_dropped' => 'The fee of {amount} is no longer owed.',
    'charge_stopped' => 'The charge of {amount} has not left yet: it is stopped.',
    'refund_stopped' => 'The refund of {amount} has not left yet: it is stopped.',
    'gone' => '{amount} has gone back already and cannot be called back.',
    'charge_pays' => '{amount} was charged to their card: it now pays for the visit.',
    'pays_for' => '{amount} now pays for {what}.',
    'pay_now' => '{amount} of it is asked for now, by card.',
    'still_due' => '{amount} is still to be paid.',
];
