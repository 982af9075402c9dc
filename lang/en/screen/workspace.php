<?php

declare(strict_types=1);

return [
    'hide_names' => 'Hide names',
    'show_names' => 'Show names',
    'board' => 'Board',
    'offer' => 'Offer',
    'roster' => 'Roster',
    'gate' => 'Gate',
    'ledger' => 'Ledger',
    'clients' => 'Clients',
    'this_business_not_yours' => 'This business is not yours',
    'back_to_where_work' => 'Back to where you work',
    'begin_another_business' => 'Begin another business',
    'sign_out' => 'Sign out',
    'rooms' => 'Rooms',
    'stand_ins' => 'Stand-ins',
    'yard_bell_does_not' => 'Yard Bell does not answer',
    'yard_bell_opening' => 'Yard Bell is opening',
];
