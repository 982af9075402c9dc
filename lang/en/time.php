<?php

declare(strict_types=1);

/* Times. {clock} is as the business's clock shows it, {city} where that clock hangs. */

return [
    'length' => '{hours, plural, =0 {} one {# hour} other {# hours}}{both, select, yes { } other {}}{minutes, plural, =0 {} one {# minute} other {# minutes}}',
    'span_in_zone' => '{day}, {from} to {to} ({city} time)',
    'in_zone' => '{day}, {clock} ({city} time)',
];
