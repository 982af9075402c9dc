<?php

declare(strict_types=1);

namespace App\Outbox;

use App\Models\ChannelName;
use Illuminate\Contracts\Container\Container;

/**
 * The channels by name, in lanes: what waits for different services waits apart, so that one that hangs keeps nothing
 * else.
 */
final readonly class Channels
{
    /** @param  array<string, array<value-of<ChannelName>, class-string<Channel>>>  $lanes by lane and name */
    public function __construct(private Container $container, private array $lanes)
    {
    }

    /**
     * @param  string|null  $lane null: of all lanes
     * @return list<string>
     */
    public function names(?string $lane): array
    {
        return array_keys($lane === null ? array_merge(...array_values($this->lanes)) : $this->lanes[$lane]);
    }

    public function named(ChannelName $name): Channel
    {
        return $this->container->make(array_merge(...array_values($this->lanes))[$name->value]);
    }
}
