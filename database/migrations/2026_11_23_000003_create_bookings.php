<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('clients', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->ulid('id')->unique();
            $table->string('name', 120);
            $table->string('email', 190);
            $table->string('phone', 32)->default('');
            $table->timestamps();
            $table->primary(['business_id', 'id']);
            $table->unique(['business_id', 'email']);
        });
        Schema::create('bookings', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->ulid('id')->unique();
            $table->ulid('service_id');
            $table->ulid('location_id');
            $table->ulid('client_id')->nullable()->comment('null while held');
            $table->string('service_name', 120);
            $table->dateTime('starts_at');
            $table->unsignedInteger('minutes');
            $table->unsignedInteger('setup');
            $table->unsignedInteger('clearup');
            $table->dateTime('taken_from')->comment('start less set-up');
            $table->dateTime('taken_until')->comment('end plus clear-up');
            $table->unsignedSmallInteger('party')->default(1);
            $table->string('state', 10);
            $table->dateTime('held_until')->nullable();
            $table->unsignedInteger('price');
            $table->char('currency', 3);
            $table->string('payment', 10)->comment('as it was sold');
            $table->string('note', 1000)->default('');
            $table->unsignedInteger('calendar_sequence')->default(0);
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
            $table->primary(['business_id', 'id']);
            $table->index(['business_id', 'taken_from', 'taken_until', 'state'], 'bookings_taken');
            $table->index(['state', 'held_until'], 'bookings_held');
        });
        Schema::create('booking_staff', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->ulid('booking_id');
            $table->ulid('staff_id');
            $table->ulid('service_id');
            $table->dateTime('made_at');
            $table->dateTime('holds_until')->comment('far ahead while it holds time, long ago when it does not (T8)');
            $table->primary(['business_id', 'booking_id', 'staff_id']);
            $table->index(['business_id', 'service_id', 'staff_id', 'made_at', 'holds_until'], 'booking_staff_turns');
        });
        Schema::create('booking_changes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->ulid('booking_id');
            $table->string('state', 10);
            $table->string('by', 120);
            $table->string('why', 300)->default('');
            $table->dateTime('at');
            $table->index(['business_id', 'id']);
            $table->index(['business_id', 'booking_id']);
        });
        Schema::create('claims', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->string('taker', 40)->comment('a person or unit');
            $table->date('day');
            $table->unsignedInteger('times')->default(0);
            $table->primary(['business_id', 'taker', 'day']);
        });
        Schema::create('payments', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->ulid('id')->unique();
            $table->ulid('booking_id');
            $table->unsignedInteger('amount');
            $table->char('currency', 3);
            $table->string('state', 10)->comment('open, paid, failed, refunding, refunded');
            $table->string('checkout', 60)->nullable()->comment('of the processor');
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
            $table->primary(['business_id', 'id']);
            $table->index(['business_id', 'booking_id']);
            $table->index(['state', 'created_at']);
        });
        Schema::create('outbox', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('business_id')->nullable()->constrained()->cascadeOnDelete();
            $table->ulid('booking_id')->nullable();
            $table->string('key', 120)->unique()->comment('makes a second sending harmless');
            $table->string('channel', 10)->comment('mail or refund');
            $table->string('occasion', 30);
            $table->string('audience', 10);
            $table->string('recipient', 190);
            $table->json('content');
            $table->dateTime('due_at');
            $table->string('state', 10)->default('waiting')->comment('waiting, sent, dropped, failed');
            $table->unsignedSmallInteger('attempts')->default(0);
            $table->dateTime('sent_at')->nullable();
            $table->string('error', 500)->default('');
            $table->index(['state', 'due_at']);
            $table->index(['business_id', 'booking_id']);
        });
        Schema::create('stand_in_checkouts', static function (Blueprint $table): void {
            $table->string('id', 40)->primary();
            $table->string('key', 120)->unique();
            $table->unsignedInteger('amount');
            $table->char('currency', 3);
            $table->string('description', 300);
            $table->string('return_url', 1000);
            $table->string('notify_url', 1000);
            $table->string('state', 20);
            $table->string('card', 30)->default('');
            $table->dateTime('answers_at')->nullable();
            $table->unsignedInteger('refunded')->default(0);
            $table->string('refund_key', 120)->nullable()->unique();
            $table->unsignedTinyInteger('notices')->default(0);
            $table->dateTime('created_at');
        });
    }

    public function down(): void
    {
        foreach (
            [
                'stand_in_checkouts',
                'outbox',
                'payments',
                'claims',
                'booking_changes',
                'booking_staff',
                'bookings',
                'clients',
            ] as $table
        ) {
            Schema::drop($table);
        }
    }
};
