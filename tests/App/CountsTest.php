<?php

declare(strict_types=1);

use App\Limits\PassingCounts;
use Illuminate\Cache\RateLimiter;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\Process\Process;

function counts(string $store): PassingCounts
{
    return new PassingCounts(new RateLimiter(Cache::store($store)));
}

it('counts requests in a memory that several machines share', function (): void {
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) explode(':', (string) stream_socket_get_name($socket, false))[1];
    fclose($socket);
    $server = new Process(['redis-server', '--port', (string) $port, '--bind', '127.0.0.1', '--save', '']);
    $server->start();
    $server->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'Ready to accept'));
    config(['database.redis.default.port' => $port, 'database.redis.default.persistent' => false]);
    try {
        expect(counts('redis')->add('asks', 60))->toBe(1);
        $other = new Process(
            [
                PHP_BINARY,
                '-r',
                "\$redis = new Redis(); \$redis->connect('127.0.0.1', {$port}); echo count(\$redis->keys('*asks*'));",
            ],
        );
        expect($other->mustRun()->getOutput())->toBe('2') // the count, and when it ends
            ->and(counts('redis')->add('asks', 60))->toBe(2)
            ->and(counts('redis')->of('asks'))->toBe(2)
            ->and(counts('redis')->wait('asks'))->toBeBetween(1, 60)
            ->and(counts('redis')->of('others'))->toBe(0);
        counts('redis')->forget('asks');
        expect(counts('redis')->of('asks'))->toBe(0)->and(counts('redis')->wait('asks'))->toBe(0);
    } finally {
        $server->stop();
    }
});
