<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;

/**
 * A session with the database begins by one statement, MYSQL_ATTR_INIT_COMMAND in config/database.php: a connection
 * that was kept from an earlier request has it behind it.
 */
final class Connector extends MariaDbConnector
{
    /** @param  array<array-key, mixed>  $config */
    protected function configureConnection(PDO $connection, array $config): void
    {
    }
}
