<?php

declare(strict_types=1);

/* Times. {clock} is as the business's clock shows it, {city} where that clock hangs. */

return [
    'in_zone' => '{day}, {clock} ({city} time)',
];
