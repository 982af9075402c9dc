<?php

declare(strict_types=1);

return [
    'name_hidden' => 'Name hidden',
    'undo' => 'Undo',
    'put_this_notice_away' => 'Put this notice away',
    'type_whole_number' => 'Type a whole number.',
    'mail' => 'Email',
    'phone' => 'Phone',
    'type_clock' => 'Type it like 9:30 or 2 pm.',
    'type_date' => 'Type it like 15 March, 15.3.2027 or next Friday.',
    'type_days' => 'Type it like 60 days or 8 weeks.',
    'type_length' => 'Type it like 90, 1 h 30 or 2 days.',
    'at' => 'at',
];
