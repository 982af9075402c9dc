<?php

declare(strict_types=1);

namespace App\Console;

use App\Messages\MailServer;
use App\Messages\PostFailed;
use Illuminate\Console\Command;

/** Whether the mail server of the settings takes mail: asked before anybody relies on it. */
final class TryMail extends Command
{
    protected $signature = 'mail:try';

    protected $description = 'Reaches the mail server of the settings and signs in to it, without sending anything';

    public function handle(MailServer $server): int
    {
        try {
            $server->try();
        } catch (PostFailed $wrong) {
            $this->error($wrong->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
