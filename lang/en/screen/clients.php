<?php

declare(strict_types=1);

return [
    'clients' => 'Clients',
    'find' => 'Find by name, email or phone',
    'nobody' => 'Nobody fits this.',
    'own_prices' => 'Own prices for {names}',
    'was_here' => 'here {at}',
    'comes' => 'next {at}',
    'open' => 'Own prices',
    'close' => 'Close',
    'own_prices_of' => 'Own prices of {name}',
    'price' => 'Their price',
    'help' => 'In place of what the service costs everybody. It counts where they are known: at the desk and by a link of ours, not by an address that somebody types.',
    'save' => 'Save',
    'saved' => 'Saved.',
];
