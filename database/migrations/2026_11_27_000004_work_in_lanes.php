<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What waits for somebody outside waits without holding a lock: leases, next tries, and notices that are kept until
 * they mean something.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('outbox', static function (Blueprint $table): void {
            $table->dateTime('leased_until')->nullable()->comment('by the machine: a worker is at it until then');
            $table->index(['channel', 'state', 'due_at'], 'outbox_lane');
        });
        Schema::table('payments', static function (Blueprint $table): void {
            $table
                ->dateTime('ask_at')
                ->nullable()
                ->comment('by the machine: when the processor is asked again; null: at once');
            $table->unsignedSmallInteger('asks')->default(0);
            $table->index(['state', 'ask_at']);
        });
        Schema::create('processor_notices', static function (Blueprint $table): void {
            $table->id();
            $table->string('checkout', 60);
            $table->dateTime('heard_at');
            $table->dateTime('look_at');
            $table->unsignedSmallInteger('looks')->default(0);
            $table
                ->string('state', 10)
                ->default('waiting')
                ->comment('waiting, done, or unknown: nothing here ever had this checkout');
            $table->index(['state', 'look_at']);
        });
        Schema::create('stand_in_notices', static function (Blueprint $table): void {
            $table->id();
            $table->string('checkout', 40);
            $table->dateTime('due_at');
            $table->unsignedSmallInteger('tries')->default(0);
            $table->index('due_at');
        });
        Schema::table('attachments', static function (Blueprint $table): void {
            $table->unsignedInteger('bytes')->default(0);
            $table->string('kind', 60)->default('application/octet-stream')->comment('by what the bytes are');
        });
    }

    public function down(): void
    {
        Schema::table('attachments', static fn (Blueprint $table) => $table->dropColumn(['bytes', 'kind']));
        Schema::drop('stand_in_notices');
        Schema::drop('processor_notices');
        Schema::table('payments', static function (Blueprint $table): void {
            $table->dropIndex(['state', 'ask_at']);
            $table->dropColumn(['ask_at', 'asks']);
        });
        Schema::table('outbox', static function (Blueprint $table): void {
            $table->dropIndex('outbox_lane');
            $table->dropColumn('leased_until');
        });
    }
};
