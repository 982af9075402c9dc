<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '8433'),
            'database' => env('DB_DATABASE', 'yardbell'),
            'username' => env('DB_USERNAME', 'yardbell'),
            'password' => env('DB_PASSWORD', ''),
            'unix_socket' => env('DB_SOCKET', ''),
            'use_db_after_connecting' => false,
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'engine' => 'InnoDB',
            'use_db_after_connecting' => false, // the address names it already
            'options' => [
                // One round to the server a query instead of two; several statements in one are refused.
                PDO::ATTR_EMULATE_PREPARES => true,
                PDO::MYSQL_ATTR_MULTI_STATEMENTS => false,
                PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
                // What is read after a claim is held must be what others have committed by then.
                PDO::MYSQL_ATTR_INIT_COMMAND => "set names utf8mb4 collate utf8mb4_unicode_ci, time_zone = '+00:00', "
                    ."tx_isolation = 'READ-COMMITTED', sql_mode = "
                        ."'ONLY_FULL_GROUP_BY,STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,"
                    ."NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION'",
            ],
        ],
    ],
    // Asked only where YARDBELL_COUNTS is "redis".
    'redis' => [
        'client' => 'phpredis',
        'default' => [
            'host' => env('REDIS_HOST', '127.0.0.1'),
            'port' => env('REDIS_PORT', '6379'),
            'username' => env('REDIS_USERNAME'),
            'password' => env('REDIS_PASSWORD'),
            'database' => 0,
            'timeout' => 2,
            'persistent' => true,
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
