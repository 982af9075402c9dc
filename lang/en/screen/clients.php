<?php

declare(strict_types=1);

return [
    'clients' => 'Clients',
    'find' => 'Find by name, email or phone',
    'nobody' => 'Nobody matches this.',
    'own_prices' => 'Own prices for {names}',
    'was_here' => 'last {at}',
    'comes' => 'next {at}',
    'open' => 'Own prices',
    'close' => 'Close',
    'own_prices_of' => 'Own prices of {name}',
    'price' => 'Their price',
    'help' => 'Instead of the usual price of the service. It applies where they are known: at the desk and by a link we mailed them, not by an address typed in.',
    'save' => 'Save',
    'saved' => 'Saved.',
];
