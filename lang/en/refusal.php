<?php

declare(strict_types=1);

/* What is said where something is refused: ICU message patterns. {wait} is one of "wait" below. */

return [
    'wait' => [
        'seconds' => '{seconds, plural, one {# second} other {# seconds}}',
        'minutes' => '{minutes, plural, one {# minute} other {# minutes}}',
        'hours' => '{hours, plural, one {# hour} other {# hours}}',
    ],

    'status' => [
        '401' => 'Sign in first.',
        '403' => 'You may not do this.',
        '404' => 'There is nothing here. The link may be mistyped, or what it led to is gone.',
        '405' => 'This address is used in another way.',
        '413' => 'That is too much at once.',
        '419' => 'This page was open for too long. Load it again; what you typed is still there.',
        '429' => 'Too many tries. Try again in {wait}.',
        '500' => 'Something broke on our side. Nothing was changed; try again in a moment.',
        '503' => 'Nobody answers just now. Nothing was changed, and what you typed is still there; try again in a few seconds.',
        'other' => 'That did not work.',
    ],
    'invalid' => 'Something needs another look.',
    'taken' => 'Somebody has just taken the same name or address. Nothing was changed; choose another.',

    'code' => [
        'unknown' => 'There is no such code.',
        'service' => 'It is for something else.',
        'dates' => 'It does not hold today.',
        'first_visit' => 'It is for a first visit.',
        'uses' => 'It has been used up.',
        'client_uses' => 'You have used it already.',
        'minimum' => 'It needs a larger order.',
        'combines' => 'It does not go together with the other code.',
        'nothing' => 'It takes nothing off here.',
        'not_for_you' => 'The code {code} does not count here: {why, select, first_visit {it is for a first visit.} client_uses {it has been used with this address already.} other {it has been used up meanwhile.}} Take it out, and book without it.',
    ],
    'sale' => [
        'meanwhile' => 'Meanwhile something was done to this sale by {who}. {due} is due now. Nothing else was changed; look again.',
        'not_undone' => 'This cannot be undone any more. What was taken can be given back instead.',
        'credit_used' => 'What was kept for them beyond it has been used already. Give the payment back instead.',
        'nothing_to_charge' => 'There is nothing to charge to the card any more.',
        'refund_goes_on' => 'This refund is on its way, or has arrived.',
        'has_invoice' => 'There is an invoice already. Take it back with a credit note first.',
        'nothing_to_invoice' => 'There is nothing to write an invoice for.',
        'no_invoice' => 'This invoice has been taken back already.',
        'drawer_moved' => 'Meanwhile cash came or went: the drawer should hold {amount} now. Count again.',
        'no_address' => 'There is no mail address to send it to.',
        'not_booked' => 'This is not booked any more.',
        'nothing_due' => 'Nothing is due any more.',
    ],
    'unreadable' => [
        'address' => 'This address cannot be read.',
        'list' => 'Something in this address is a list, and should be a word.',
        'json' => 'What was sent cannot be read as JSON.',
        'letters' => 'There are letters in it that cannot be read. Send it as UTF-8.',
    ],

    'role' => [
        'see-own-day' => 'Your role does not see this part of the Board.',
        'see-board' => 'Your role does not see this part of the Board.',
        'book-outside' => 'Your role may not book outside the rules.',
        'change-bookings' => 'Your role may look at bookings, not change them.',
        'mark-visits' => 'Your role may look at bookings, not say how far they are.',
        'see-pay' => 'Your role does not see what staff are paid.',
        'see-sales' => 'Your role does not see sales and payments.',
        'take-money' => 'Your role may look at money, not move it.',
        'see-ledger' => 'Your role does not see tax, payouts and what staff are paid.',
        'see-setup' => 'Your role does not see how the business is set up.',
        'change-own-hours' => 'Your hours are set by an owner or a manager. Ask them for a change.',
        'change-setup' => 'Your role may not change how the business is set up. An owner or a manager can.',
        'manage-sign-ins' => 'Only an owner or a manager says who may sign in.',
        'publish' => 'Only an owner or a manager shows the page or takes it down.',
        'owners' => 'Only an owner makes, changes or removes owners.',
    ],

    'account' => [
        'unverified' => 'Confirm your mail address first: open the link we have sent you.',
        'exists' => 'There is an account with this address already. Sign in with it.',
        'exists_open_again' => 'There is an account with this address. Sign in with it, and open the link again.',
        'signs_in' => 'You sign in to {business} already.',
        'somebody_signs_in' => 'Whoever has this address signs in here already.',
        'too_many_businesses' => 'One account begins at most {most} businesses.',
        'too_many_invitations' => 'No more invitations go out today: at most {mostBy} from one account, and {mostTo} to one address. Try again in {wait}.',
    ],

    'setup' => [
        'incomplete' => 'Something is still missing before anybody could book: see the list.',
        'first_draft' => 'The first draft is the service that is asked about.',
        'removed_meanwhile' => '{by} has removed this meanwhile. What you typed is still here; keep it as something new, or leave it be.',
        'changed_meanwhile' => '{by} has changed this meanwhile. See below what is different now; what you typed is still here.',
        'undo_changed' => 'This cannot be undone any more: {by} has changed it again since.',
        'undo_others' => 'This cannot be undone any more, since other things have changed: {why}',
        'meetings_silent' => 'The meeting provider does not answer. Try again in a moment, or type a link of your own.',
    ],

    'held' => [
        'by_one' => 'From where you are, {most} times are held and not booked yet. Book one of them, or come back in {wait}.',
        'by_one_booked' => 'From where you are, {booked} times were booked within an hour. Call if you need more, or come back in an hour.',
        'of_day' => 'Half of this day is being looked at by others just now. Choose another day, or come back in {wait}.',
        'of_session' => 'Most of these places are being looked at by others just now. Choose another time, or come back in {wait}.',
        'service_gone' => 'This service is no longer on the page. Load it again to see what there is.',
        'not_waiting' => 'This booking is not waiting for anything any more.',
        'gone' => 'This time is no longer held for you. Pick it again.',
        'free_again' => 'This time was kept for you for an hour, and is given free now. Pick it again.',
        'unproved' => 'Several mails have gone to this address today, and none of their links was opened. Try again tomorrow, or call.',
        'files' => 'Files can be sent until it is booked.',
        'taken' => 'That time has just been taken, and nothing else is free close to it.',
        'taken_near' => 'That time has just been taken. These are free close to it.',
    ],

    'state' => '{state, select, held {held} pending {pending} confirmed {confirmed} arrived {arrived} started {started} completed {completed} no_show {missed} cancelled {cancelled} declined {declined} expired {expired} other {over}}',
    'booking' => [
        'not_marked' => 'This booking is {state} by now: that cannot follow.',
        'not_missed' => 'Whether somebody came is known once it has begun, and said once.',
        'not_asked' => 'This booking does not wait for an answer: it is {state}.',
        'later_not_moved' => 'Nothing was moved: of the later ones, {date} does not fit.',
        'not_suggested' => 'This time is not offered any more.',
        'not_moved' => 'This booking cannot be moved: it has begun, is over, or is part of a session.',
        'not_cancelled' => 'This booking is {state} and can no longer be cancelled.',
        'begun' => 'It has begun already, so it can no longer be cancelled here. Please call.',
    ],
];
