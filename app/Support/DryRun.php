<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\ConnectionInterface;

/** What would be, if something were done: nothing of it stays. */
final readonly class DryRun
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /**
     * @template R
     *
     * @param  callable(): R  $do
     * @return R
     */
    public function of(callable $do): mixed
    {
        $this->db->beginTransaction();
        try {
            return $do();
        } finally {
            $this->db->rollBack();
        }
    }
}
