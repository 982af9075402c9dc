<?php

declare(strict_types=1);

/* Kinds of businesses and what they begin with, by kind. */

return [
    'lessons' => [
        'name' => 'Lessons and coaching',
        'trial_lesson' => 'Trial lesson',
        'lesson' => 'Lesson',
        'double_lesson' => 'Double lesson',
    ],
    'looks' => [
        'name' => 'Hair, skin and nails',
        'cut' => 'Cut',
        'colour' => 'Colour',
        'quick_tidy' => 'Quick tidy',
    ],
    'health' => [
        'name' => 'Health and body work',
        'first_visit' => 'First visit',
        'treatment' => 'Treatment',
        'short_treatment' => 'Short treatment',
    ],
    'advice' => [
        'name' => 'Advice and meetings',
        'get_to_know_each_other' => 'Get to know each other',
        'consultation' => 'Consultation',
    ],
    'repairs' => [
        'name' => 'Repairs and home visits',
        'look_and_estimate' => 'Look and estimate',
        'repair_visit' => 'Repair visit',
    ],
    'workshop' => [
        'name' => 'Studio or workshop',
        'guided_hour' => 'Guided hour',
        'bench_time' => 'Bench time',
    ],
    'animals' => [
        'name' => 'Care for animals',
        'wash_and_brush' => 'Wash and brush',
        'claws' => 'Claws',
    ],
    'other' => [
        'name' => 'Something else',
        'appointment' => 'Appointment',
    ],
];
