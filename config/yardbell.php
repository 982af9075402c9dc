<?php

declare(strict_types=1);

return [
    // Whether this installation shows the demonstration: its clock can be put forward, its stand-ins can be seen.
    'demonstration' => (bool) env('YARDBELL_DEMONSTRATION', false),

    // Where the front end is served while it is worked on; null: it is built.
    'development' => env('YARDBELL_DEVELOPMENT'),

    // Where the stand-ins answer, for a browser and for this application alike.
    'stand_ins' => env('YARDBELL_STAND_INS', 'http://127.0.0.1:8401'),

    // Where payments are made and meeting rooms opened: in the demonstration the stand-ins.
    'processor' => env('YARDBELL_PROCESSOR', env('YARDBELL_STAND_INS', 'http://127.0.0.1:8401')),
    'meetings' => env('YARDBELL_MEETINGS', env('YARDBELL_STAND_INS', 'http://127.0.0.1:8401')),

    // What processor and application share to sign notices with. It has no value but in the demonstration.
    'processor_secret' => env(
        'YARDBELL_PROCESSOR_SECRET',
        env('YARDBELL_DEMONSTRATION', false) ? 'only-for-the-stand-in' : null,
    ),

    // Seconds that the house has to undo an act before anybody is mailed of it.
    'undo_seconds' => (int) env('YARDBELL_UNDO_SECONDS', 15),

    // Where mail is laid down, a file each.
    'mail_from' => env('MAIL_FROM', 'bell@yardbell.example'),
    'mailbox' => env('YARDBELL_MAILBOX', storage_path('mailbox')),

    // Who invites to calendars for businesses that have given no mail address.
    'sender' => env(
        'YARDBELL_SENDER',
        'bookings@'.parse_url((string) env('APP_URL', 'http://127.0.0.1:8400'), PHP_URL_HOST),
    ),

    // Where pictures are kept.
    'pictures' => env('YARDBELL_PICTURES', storage_path('pictures')),

    // Where files that come with bookings are kept.
    'attachments' => env('YARDBELL_ATTACHMENTS', storage_path('attachments')),

    // Where workers leave a mark, a file a lane, each time they have done something; null: nowhere.
    'alive' => env('YARDBELL_ALIVE'),

    // By how many minutes the demonstration's clock was put forward; a file, so that asking for the time costs no
    // query.
    'clock' => env('YARDBELL_CLOCK', storage_path('clock')),

    // Tries at signing in, a minute and address; at holding and booking, six times as many a minute and machine.
    'tries_a_minute' => (int) env('YARDBELL_TRIES', 10),

    // Mails a day about bookings to one address that nobody has proven, and to all such of one network.
    'mails_to_one' => (int) env('YARDBELL_MAILS_TO_ONE', 10),
    'mails_from_one' => (int) env('YARDBELL_MAILS_FROM_ONE', 40),

    // Minutes a time is held during checkout, and while a payment page is open.
    'hold_minutes' => 10,
    'payment_minutes' => 20,

    // Minutes after which a hold that is neither paid nor booked ends, however often it was prolonged.
    'hold_life_minutes' => 60,

    // Times that visitors of one network hold at once in one business.
    'holds_of_one' => (int) env('YARDBELL_HOLDS', 6),
];
