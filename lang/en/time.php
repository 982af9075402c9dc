<?php

declare(strict_types=1);

/* Times. {clock} is as the business's clock shows it, {city} where that clock hangs. */

return [
    'span_in_zone' => '{day}, {from} to {to} ({city} time)',
    'in_zone' => '{day}, {clock} ({city} time)',
];
