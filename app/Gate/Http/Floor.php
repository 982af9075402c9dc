<?php

declare(strict_types=1);

namespace App\Gate\Http;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;

/** The least this server can do: one row by its key and a small answer. What benchmarks measure the rest against. */
final readonly class Floor
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['name' => $this->db->table('businesses')->where('id', 1)->value('name')]);
    }
}
