<?php

declare(strict_types=1);

use App\Console\CheckBook;
use App\Console\Demonstrate;
use App\Console\ExportBusiness;
use App\Console\ImportBusiness;
use App\Console\TryMail;
use App\Console\Work;
use Illuminate\Console\Application;

Application::starting(
    static fn (Application $artisan) => $artisan->resolveCommands([
        CheckBook::class,
        Work::class,
        Demonstrate::class,
        ExportBusiness::class,
        ImportBusiness::class,
        TryMail::class,
    ]),
);
