<?php

declare(strict_types=1);

/* What pages say before, or without, their scripts. */

return [
    'opening' => 'Yard Bell is opening',
    'sorry' => 'Sorry',
    'sentence' => 'I’d like {service} for {length}{hasWho, select, yes { with {who}} other {}}{hasPlace, select, yes { at {place}} other {}}.',
    'and_then' => 'and then …',
    'none' => '{why, select, closed {closed} away {nobody here for this} beyond {not open to book yet} session {no session} other {nothing free}}',
    'what_can_be_booked' => 'What can be booked',
    'service' => '{name}, {length}',
    'service_for' => '{name}, {length}, {price}',
    'from' => 'from {amount}',
    'plain' => [
        'keep' => 'Keep this time',
        'with' => 'With',
        'anyone' => 'anyone',
        'place' => 'At',
        'minutes' => 'Minutes',
        'party' => 'How many people',
        'show_times' => 'Show times',
        'name' => 'Name',
        'email' => 'Email',
        'phone' => 'Phone',
        'note' => 'Anything we should know',
        'yes' => 'Yes',
        'no' => 'No',
        'pay_now' => 'Pay now',
        'pay' => 'Pay now, by card',
        'book' => 'Book it',
    ],
    'pay' => [
        'opening' => 'One moment: the payment page is being opened.',
        'nobody_answers' => 'The payment page cannot be opened just now. Nothing was charged; keep this open, we are trying again.',
    ],
    'gate' => [
        'title' => 'Book at {business}',
        'title_of' => '{service} at {business}',
        'description' => 'Pick a time at {business} and book it in a minute.',
    ],
    'own' => ['title' => 'Your bookings at {business}'],
    'link' => [
        'on_its_way' => 'A new link is on its way',
        'mailed' => 'We have sent it to the address that the old one was sent to. It may take a minute.',
        'renew' => 'Mail me a new one',
    ],
    'instead' => [
        'facts' => 'Until {until}, {where}. {price}',
        'taken_by_you' => 'You have taken it: you are booked {when}.',
        'booked_at' => 'You are now booked {when}, so this time is not kept for you.',
        'cancelled' => 'Your booking is cancelled, so nothing is kept for you.',
        'declined' => 'Your request was declined, so nothing is kept for you.',
        'past' => 'This time is over.',
        'not_offered' => 'This time is not offered any more.',
        'title' => 'Another time at {business}',
        'offer' => '{service}: {when}',
        'kept' => 'If this suits you, take it, and it is booked. What you asked for is free again then.',
        'take' => 'Yes, book this time',
        'back' => 'See what you asked for',
    ],
    'booking' => [
        'title' => 'Your booking at {business}',
        'description' => '{service} at {business}',
        'says' => '{state, select, held {This time is kept for you until {until}. Tell us who comes, and it is booked.} waits {This time is kept for you until {until}. It is booked once what is asked for is done: see your mail, or pay.} pending {You have asked for this time. We answer by mail.} confirmed {You are booked.} arrived {You are booked.} started {You are booked.} completed {Thank you for coming.} no_show {You did not come.} cancelled {This booking is cancelled.} declined {This request was declined.} other {This time is not kept for you any more.}}',
    ],
];
