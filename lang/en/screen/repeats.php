<?php

declare(strict_types=1);

return [
    'how_often' => 'How often',
    'once' => 'once',
    'often' => [
        'day' => 'every day',
        'workday' => 'Monday to Friday',
        'week' => 'every week',
        'fortnight' => 'every other week',
        'days' => 'on several weekdays',
        'month' => 'every month, on the same day',
        'sameWeekday' => 'every month, on the same weekday',
        'lastWeekday' => 'every month, on the last such weekday',
    ],
    'on_weekdays' => 'On these weekdays',
    'how_long' => 'For how long',
    'so_many_times' => 'times',
    'until_date' => 'is the last date',
    'last_date' => 'The last date',
    'times' => 'How many times',
];
