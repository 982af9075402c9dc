<?php

declare(strict_types=1);

/* What is mailed: ICU message patterns. {when} is a time as the business's clock shows it, {who} a client's name. */

return [
    'hello' => 'Hello {name}',
    'hello_nobody' => 'Hello',
    'and' => '{first} and {last}',

    'subject' => [
        'booked' => 'Booked: {service}, {when}',
        'booked_several' => 'Booked: {service} and {more, plural, one {one more} other {# more}}, from {when}',
        'prove' => 'Confirm your address, and it is booked: {service}, {when}',
        'prove_several' => 'Confirm your address, and it is booked: {service} and {more, plural, one {one more} other {# more}}, from {when}',
        'pending' => 'Asked for: {service}, {when}',
        'pending_several' => 'Asked for: {service} and {more, plural, one {one more} other {# more}}, from {when}',
        'declined' => 'Not booked: {service}, {when}',
        'declined_several' => 'Not booked: {service} and {more, plural, one {one more} other {# more}}, from {when}',
        'suggested' => 'Another time? {service}',
        'moved' => 'Moved: {service}, now {when}',
        'moved_several' => 'Moved: {service} and {more, plural, one {one more} other {# more}}, now from {when}',
        'changed' => 'Changed: {service}, {when}',
        'changed_several' => 'Changed: {service} and {more, plural, one {one more} other {# more}}, from {when}',
        'word' => 'About your booking: {service}, {when}',
        'link_again' => 'A new link: {service}, {when}',
        'cancelled' => 'Cancelled: {service}, {when}',
        'cancelled_several' => 'Cancelled: {service} and {more, plural, one {one more} other {# more}}, from {when}',
        'sent_back' => 'Your payment is on its way back: {service}, {when}',
        'refund' => 'Your refund: {service}, {when}',
        'cheaper' => 'Your booking costs less: {service}, {when}',
        'priced' => 'The price of your booking: {service}, {when}',
        'no_show' => 'You were missed: {service}, {when}',
        'restored' => 'Booked after all: {service}, {when}',
        'restored_several' => 'Booked after all: {service} and {more, plural, one {one more} other {# more}}, from {when}',
        'reminder' => 'Tomorrow: {service}, {when}',
        'late' => 'Not started yet? {service}, {when}',
        'unanswered' => 'Still without an answer: {service}, {when}',
        'pay_link' => 'To be paid: {service}, {when}',
        'receipt' => 'Your receipt: {service}, {when}',
        'invoice' => 'Your invoice: {service}, {when}',
        'paid_too_late' => 'Not booked, and your money is on its way back: {service}',
        'paid_too_late_several' => 'Not booked, and your money is on its way back: {service} and {more, plural, one {one more} other {# more}}',
    ],

    'own_page' => [
        'subject' => 'Your bookings at {business}',
        'text' => 'Here are all your bookings with us, past and to come, with receipts and invoices. The link works for a week. If you did not ask for it, ignore this mail.',
    ],

    'client' => [
        'booked' => 'your time is booked.',
        'booked_several' => 'your times are booked.',
        'prove' => 'somebody has asked for this time with your address. It is kept until {until}; it is booked when you open the link below and say yes. If it was not you, ignore this mail: nothing is booked.',
        'prove_several' => 'somebody has asked for these times with your address. They are kept until {until}; they are booked when you open the link below and say yes. If it was not you, ignore this mail: nothing is booked.',
        'pending' => 'you have asked for this time. It is not booked yet: we look at it and write to you{by, select, none {} other { by {by}}}. The time is kept for you meanwhile.',
        'pending_several' => 'you have asked for these times. They are not booked yet: we look at them and write to you{by, select, none {} other { by {by}}}. They are kept for you meanwhile.',
        'declined_several' => 'we are sorry: we cannot offer you these times, so nothing is booked.',
        'declined' => 'we are sorry: we cannot offer you this time, so nothing is booked.',
        'suggested' => 'you have asked for {when}. Would another time suit you as well? Each link below takes one; until you have answered, what you asked for stays kept for you.',
        'moved' => 'your booking has been moved: it is now {when}.',
        'moved_several' => 'your bookings have been moved. This is when they are now.',
        'changed' => 'your booking has changed. This is how it stands now.',
        'changed_several' => 'your bookings have changed. This is how they stand now.',
        'word' => 'a word about your booking:',
        'link_again' => 'here is a new link to your booking. The old one no longer works.',
        'reminder' => 'we see you soon: {when}.',
        'pay_link' => 'you can pay for this online, by the link below. It is paid once, however often the link is opened.',
        'receipt' => 'here is your receipt.',
        'invoice' => 'here is your invoice.',
        'paid_too_late' => 'your payment arrived after the time had been given to somebody else. Nothing is booked, and all of it goes back the way it came.',
        'paid_too_late_several' => 'your payment arrived after one of the times had been given to somebody else. Nothing is booked, and all of it goes back the way it came.',
        'sent_back' => 'your payment arrived after this was paid another way, or was cancelled. What was not needed goes back the way it came.',
        'refund' => 'we have refunded some of what you paid: it goes back the way it came. This is how it stands now.',
        'cheaper' => 'as you come more often, this booking costs less than before. This is how it stands now.',
        'priced' => 'the price of your booking is settled. This is how it stands now.',
        'no_show' => 'we missed you {when}. This is what it means for what you paid or owe.',
        'restored' => 'your booking stands after all: it is not cancelled.',
        'restored_several' => 'your bookings stand after all: they are not cancelled.',
        'cancelled' => 'this booking is cancelled.',
        'cancelled_several' => 'these bookings are cancelled.',
    ],

    'house' => [
        'booked' => 'A new booking: {who} comes {when}.',
        'booked_several' => '{who} comes {when}, and {more, plural, one {once more} other {# times more}}:',
        'pending' => '{who} would like to come {when}. The time is kept until you say yes or no on the Board{by, select, none {} other {: you answer by {by}, they were told}}.',
        'pending_several' => '{who} would like to come {when}, and {more, plural, one {once more} other {# times more}} after one another. The times are kept until you say yes or no on the Board{by, select, none {} other {: you answer by {by}, they were told}}.',
        'moved' => '{who} now comes {when}.',
        'moved_several' => '{who} now comes {when}, and {more, plural, one {once more} other {# times more}}:',
        'changed' => '{who}, who comes {when}, has changed something: how many come, the answers or the note. This is how it stands now.',
        'changed_several' => '{who}, who comes {when}, has changed something: how many come, the answers or the note. This is how it stands now.',
        'restored' => '{who} comes {when} after all: it is not cancelled.',
        'restored_several' => '{who} comes {when} after all, and {more, plural, one {once more} other {# times more}}:',
        'cancelled' => '{who} no longer comes. The time is free again.',
        'cancelled_several' => '{who} no longer comes. The times are free again.',
        'late' => '{who} was to come {when}, and nobody has marked it as started yet.',
        'unanswered' => '{who} would like to come {when}, and was told to hear from you by {by}. The time is kept; say yes or no on the Board.',
    ],

    'link' => ['see' => 'See it, move or cancel it:', 'book' => 'Book it:', 'pay' => 'Pay it:', 'again' => 'Book another time:'],

    'label' => [
        'what' => 'What:', 'when' => 'When:', 'own' => 'Your clock:', 'with' => 'With:', 'where' => 'Where:', 'link' => 'Link:', 'for' => 'For:', 'bring' => 'Bring:', 'and' => 'And:',
        'price' => 'Price:', 'price_of_all' => 'In all:', 'money' => 'Money:', 'terms' => 'Terms:', 'client' => 'Client:', 'note' => 'Note:',
    ],
    'what' => '{service}, {length}',
    'party' => '{party, plural, one {# person} other {# people}}',
    'several' => '{quantity, number} × {what}',

    'account' => [
        'invitation' => [
            'subject' => '{by} invites you to {business}',
            'text' => "{by} would like you to sign in to {business} at Yard Bell. Open this link to accept:\n\n{link}\n\nThe link works for two weeks. With an account or without one, it takes a minute.",
        ],
        'sign_up' => [
            'subject' => 'Open this to start with Yard Bell',
            'text' => "Open this link and your account is there:\n\n{link}\n\nThe link works for a day. If you did not ask for it, ignore this mail: nothing happens.",
        ],
        'known' => [
            'subject' => 'You have an account at Yard Bell already',
            'text' => "Somebody, probably you, wanted to start with this address. There is an account already; sign in here:\n\n{link}\n\nIf you have forgotten the password, ask for a new one there.",
        ],
        'verify' => [
            'subject' => 'Please confirm your email address',
            'text' => "Open this link to confirm that this address is yours:\n\n{link}\n\nYou can publish your page as soon as it is confirmed. The link works for a day.",
        ],
        'password' => [
            'subject' => 'Choose a new password',
            'text' => "Open this link to choose a new password:\n\n{link}\n\nThe link works for one hour. If you did not ask for it, ignore this mail: nothing changes.",
        ],
    ],
];
