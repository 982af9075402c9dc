<?php

declare(strict_types=1);

return [
    'somebody_new' => 'somebody new',
    'reach_parts' => ['email' => 'Email, if any', 'phone' => 'Phone, if any'],
    'walk_in' => 'Walk-in',
    'walk_in_says' => 'no name, nothing is kept',
];
