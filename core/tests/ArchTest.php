<?php

declare(strict_types=1);

arch('the core stands alone')->expect('YardBell\Core')->not->toUse(['Illuminate', 'App', 'Carbon', 'Symfony']);
arch('the core asks no clock and throws no dice')->expect('YardBell\Core')->not->toUse(['time', 'microtime', 'hrtime', 'date', 'now', 'mktime', 'random_int', 'rand', 'mt_rand', 'uniqid']);
arch('the core is strict')->expect('YardBell\Core')->toUseStrictTypes()->and('YardBell\Core')->classes()->toBeFinal()->ignoring('YardBell\Core\Tests');
