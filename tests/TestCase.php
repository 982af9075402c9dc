<?php

declare(strict_types=1);

namespace Tests;

use App\Models\CurrentBusiness;
use App\Sales\AuditBook;
use App\Support\Clock;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\Events\TransactionCommitted;
use Illuminate\Database\Events\TransactionRolledBack;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as Base;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Tests\Support\Contract;
use Tests\Support\Plans;

/**
 * Against a real database, whose port bin/yardbell test gives. Tables are made once a run; each test begins with them
 * empty, because what is tested spans several connections and processes and cannot hide in one transaction.
 */
abstract class TestCase extends Base
{
    private const ADDED_ONLY = ['sale_lines', 'book_entries', 'documents', 'day_closes'];

    private const LOCKS = '/^\s*select\b.*\bfrom `(\w+)`.*\b(?:for update|lock in share mode)(?! skip locked)/is';

    private const WRITES = '/^\s*(?:insert(?: ignore)? into|update|delete from) `?(\w+)/i';

    /** Whether there is a book to look at in the end. */
    public bool $audits = true;

    private static bool $migrated = false;

    /** @var array<string, string> locking reads whose transaction wrote nothing of the table, by table */
    private static array $onlyLocked = [];

    /** @var list<string> statements that no key helps with */
    private static array $scans = [];

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require dirname(__DIR__).'/bootstrap/app.php';
        $app->useEnvironmentPath(__DIR__);
        $app->make(Kernel::class)->bootstrap();
        $folder = sys_get_temp_dir().'/yardbell-mail-'.getmypid();
        $app['config']->set([
            'database.connections.mariadb.database' => self::database(),
            'yardbell.mailbox' => $folder,
            'yardbell.undo_seconds' => 0,
            'yardbell.clock' => "{$folder}-clock",
            'yardbell.pictures' => "{$folder}-pictures",
            'yardbell.attachments' => "{$folder}-attachments",
            'cache.stores.rules.path' => "{$folder}-rules",
            'yardbell.demonstration' => true,
            'yardbell.stand_ins' => 'http://stand-ins.example:8400',
            'yardbell.processor' => 'http://stand-ins.example',
            'yardbell.meetings' => 'http://stand-ins.example',
            'yardbell.processor_secret' => 'only-for-the-stand-in',
            'yardbell.tries_a_minute' => 1000,
            'yardbell.mails_to_one' => 1000,
            'yardbell.timebox' => 0,
            'yardbell.holds_of_one' => 1000,
            'app.key' => 'base64:'.base64_encode(str_repeat('k', 32)),
        ]);

        return $app;
    }

    /** Each of several processes that test side by side has its own. */
    private static function database(): string
    {
        $token = getenv('TEST_TOKEN');

        return 'yardbell_app'.(is_string($token) && $token !== '' ? "_{$token}" : '');
    }

    /**
     * What is asked begins with no business set, as every real request does; what is answered is as the API description
     * says.
     */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        $answer = app(CurrentBusiness::class)->of(
            null,
            fn () => parent::call($method, $uri, $parameters, $cookies, $files, $server, $content),
        );
        Contract::check($method, $uri, $answer);

        return $answer;
    }

    /** Whatever a test has done with money, the book agrees in the end. */
    protected function assertPostConditions(): void
    {
        parent::assertPostConditions();
        self::assertSame([], $this->audits ? app(AuditBook::class)() : []);
        self::assertSame([], self::$onlyLocked, 'Locked to decide, and not written (see Models\\Lock).');
        self::assertSame([], self::$scans, 'Looked for without a key (see Tests\\Support\\Plans).');
    }

    /** What a test has left open when it failed keeps nobody waiting. */
    protected function tearDown(): void
    {
        if (DB::transactionLevel() > 0) {
            DB::rollBack(0);
        }
        parent::tearDown();
    }

    /**
     * Whoever locks rows to decide about them writes them in the same transaction (docs/architecture.md): a lock that
     * changes nothing does not hold between the writers of a cluster.
     */
    private static function watchLocks(): void
    {
        [$locked, $written] = [[], []];
        DB::listen(static function (QueryExecuted $query) use (&$locked, &$written): void {
            if (preg_match(self::LOCKS, $query->sql, $found) === 1) {
                $locked[$found[1]] = $query->sql;
            } elseif (preg_match(self::WRITES, $query->sql, $found) === 1) {
                $written[$found[1]] = true;
            }
        });
        Event::listen(static function (TransactionCommitted $committed) use (&$locked, &$written): void {
            if ($committed->connection->transactionLevel() === 0) {
                self::$onlyLocked += array_diff_key($locked, $written);
                [$locked, $written] = [[], []];
            }
        });
        Event::listen(static function (TransactionRolledBack $back) use (&$locked, &$written): void {
            if ($back->connection->transactionLevel() === 0) {
                [$locked, $written] = [[], []];
            }
        });
    }

    /** A database that is kept from run to run (bin/lib/test-files.sh) keeps its tables while they are the same. */
    private function migrate(): void
    {
        $folder = getenv('YARDBELL_KEPT');
        $made = "{$folder}/".self::database();
        $files = [...glob(database_path('migrations/*')) ?: [], ...glob(database_path('schema/*')) ?: []];
        $now = hash('sha256', implode('', array_map(file_get_contents(...), $files)));
        if (is_string($folder) && @file_get_contents($made) === $now) {
            return;
        }
        $this->app?->make(Kernel::class)->call('migrate:fresh', ['--force' => true]);
        if (is_string($folder)) {
            file_put_contents($made, $now);
        }
    }

    /** @return list<string> the tables with something in them, in one query */
    private static function filled(): array
    {
        $tables = array_map(static fn (object $row): string => current((array) $row), DB::select('show tables'));
        $asks = array_map(
            static fn (string $table): string => "(select '{$table}' as name from {$table} limit 1)",
            array_diff($tables, ['migrations']),
        );

        return array_column(DB::select(implode(' union all ', $asks)), 'name');
    }

    protected function setUp(): void
    {
        parent::setUp();
        // a test looks at everybody's tables
        $this->app?->instance(CurrentBusiness::class, new CurrentBusiness(across: true));
        if (! self::$migrated) {
            self::$migrated = true;
            $this->migrate();
        }
        DB::statement('set foreign_key_checks = 0');
        foreach (self::filled() as $table) {
            if (in_array($table, self::ADDED_ONLY, true)) {
                DB::table($table)->truncate(); // no row of it can be deleted
            } else {
                DB::table($table)->delete();
            }
        }
        DB::statement('set foreign_key_checks = 1');
        self::$onlyLocked = [];
        self::$scans = [];
        self::watchLocks();
        DB::listen(static function (QueryExecuted $query): void {
            self::$scans = [...self::$scans, ...Plans::scans($query)];
        });
        array_map(unlink(...), glob(config('yardbell.mailbox').'/*') ?: []);
        @unlink((string) config('yardbell.clock'));
        $this->app?->make(Clock::class)->forget();
    }
}
