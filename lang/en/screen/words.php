<?php

declare(strict_types=1);

return [
    'more_people' => '{count, plural, one {# more person} other {# more people}}',
    'free' => 'free',
    'price_on_request' => 'price on request',
    'until_begins' => 'until it begins',
    'until_before' => 'until {time} before',
    'from_amount' => 'from {amount}',
    'per_person' => '{amount} a person',
    'part_of_price' => '{percent} % of the price',
    'terms' => 'Free to cancel {until}. After that it costs {cost}.',
    'roles' => [
        'owner' => 'owner',
        'manager' => 'manager',
        'desk' => 'desk',
        'staff' => 'staff',
        'bookkeeper' => 'bookkeeper',
    ],
    'frequent' => '{label}, as you come often',
    'covered' => 'Covered',
    'code_line' => 'Code {code}',
];
