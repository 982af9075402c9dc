<?php

declare(strict_types=1);

/* What whoever signs in may do, by their role. */

return [
    'does' => [
        'owner' => 'Does everything, and says who else may sign in.',
        'manager' => 'Does everything an owner does, but cannot make or remove owners.',
        'desk' => 'Sees the whole Board; answers requests, moves and cancels bookings. Sees the set-up, changes nothing of it.',
        'staff' => 'Sees their own day, says who is here and how far a visit is. Changes their own hours and time off where this is allowed below.',
        'bookkeeper' => 'Sees everything, changes nothing.',
    ],
];
