<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** All that rules.md, part 1, names. Wall-clock date-times (closures, time off, outages) are kept without a zone. */
return new class extends Migration
{
    public function up(): void
    {
        $this->widenSetup();
        $this->list('special_days', static function (Blueprint $table): void {
            $table->string('of', 10)->comment('business, location or staff');
            $table->char('owner_id', 26)->default('')->comment('empty for the business');
            $table->date('date');
            $table->json('hours');
            $table->unique(['business_id', 'of', 'owner_id', 'date']);
        });
        $this->list('closures', function (Blueprint $table): void {
            $table->string('name', 120)->default('');
            $this->wall($table);
            $table->json('staff')->nullable()->comment('null: everyone');
        });
        $this->list('time_off', function (Blueprint $table): void {
            $table->char('staff_id', 26);
            $table->string('name', 120)->default('');
            $this->wall($table);
        });
        $this->list('busy_times', static function (Blueprint $table): void {
            $table->char('staff_id', 26);
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            $table->index(['business_id', 'ends_at']);
        });
        $this->list('dayparts', static function (Blueprint $table): void {
            $table->string('name', 120);
            $table->char('from', 5);
            $table->char('to', 5);
            $table->unsignedSmallInteger('position')->default(0);
        });
        $this->list('pools', static function (Blueprint $table): void {
            $table->string('name', 120);
            $table->char('location_id', 26)->nullable()->comment('null: every one');
            $table->unsignedSmallInteger('position')->default(0);
        });
        $this->list('units', static function (Blueprint $table): void {
            $table->char('pool_id', 26);
            $table->string('name', 120);
            $table->unsignedSmallInteger('position')->default(0);
        });
        $this->list('outages', function (Blueprint $table): void {
            $table->char('unit_id', 26);
            $table->string('name', 120)->default('');
            $this->wall($table);
        });
        $this->list('scheduled_sessions', static function (Blueprint $table): void {
            $table->char('service_id', 26);
            $table->char('location_id', 26)->nullable();
            $table->dateTime('starts_at');
            $table->unsignedInteger('minutes');
            $table->dateTime('taken_from')->comment('start less set-up');
            $table->dateTime('taken_until')->comment('end plus clear-up');
            $table->json('staff_ids');
            $table->json('units');
            $table->unsignedInteger('places');
            $table->string('state', 10)->default('scheduled')->comment('or cancelled');
            $table->index(['business_id', 'taken_from', 'taken_until']);
        });
        Schema::create('service_daypart', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('service_id', 26);
            $table->char('daypart_id', 26);
            $table->unsignedSmallInteger('position');
            $table->primary(['business_id', 'service_id', 'daypart_id']);
        });
        Schema::create('service_pool', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('service_id', 26);
            $table->char('pool_id', 26);
            $table->unsignedSmallInteger('position');
            $table->unsignedInteger('units');
            $table->boolean('per_person')->default(false);
            $table->boolean('holds_buffers')->default(true);
            $table->primary(['business_id', 'service_id', 'pool_id']);
        });
        $this->widenBookings();
        Schema::table('clients', static fn (Blueprint $table) => $table->string('email', 190)->nullable()->change());
        Schema::drop('demonstration_clock');
    }

    public function down(): void
    {
        Schema::create('demonstration_clock', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('id')->primary();
            $table->integer('minutes_ahead');
        });
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->dropPrimary();
            $table->primary(['business_id', 'id']);
            $table->index(['business_id', 'taken_from', 'taken_until', 'state'], 'bookings_taken');
        });
        Schema::table(
            'bookings',
            static fn (Blueprint $table) => $table->dropColumn([
                'session_id',
                'staff_ids',
                'units',
                'double_booked',
                'contact',
            ]),
        );
        foreach (
            [
                'service_pool',
                'service_daypart',
                'scheduled_sessions',
                'outages',
                'units',
                'pools',
                'dayparts',
                'busy_times',
                'time_off',
                'closures',
                'special_days',
            ] as $table
        ) {
            Schema::drop($table);
        }
        Schema::table(
            'services',
            static fn (Blueprint $table) => $table->dropColumn([
                'kind',
                'lengths',
                'start_from',
                'hours',
                'available_from',
                'available_until',
                'places',
                'max_party',
                'max_per_day',
            ]),
        );
        Schema::table('staff', static fn (Blueprint $table) => $table->dropColumn(['respect_busy', 'max_per_day']));
        Schema::table('locations', static fn (Blueprint $table) => $table->dropColumn('hours'));
        Schema::table(
            'businesses',
            static fn (Blueprint $table) => $table->dropColumn(['rules_mark', 'travel_minutes', 'longest_taken']),
        );
    }

    private function widenSetup(): void
    {
        Schema::table('businesses', static function (Blueprint $table): void {
            $table->char('rules_mark', 26)->default('')->comment('another one after every change of what is set up');
            $table->unsignedInteger('travel_minutes')->default(0);
            $table
                ->unsignedInteger('longest_taken')
                ->default(4320)
                ->comment('minutes of the longest booking or session, set-up and clear-up included');
        });
        Schema::table('locations', static fn (Blueprint $table) => $table->json('hours')->nullable());
        Schema::table('staff', static function (Blueprint $table): void {
            $table->boolean('respect_busy')->default(true);
            $table->unsignedInteger('max_per_day')->nullable();
        });
        Schema::table('services', static function (Blueprint $table): void {
            $table->string('kind', 12)->default('appointment')->comment('or session');
            $table
                ->json('lengths')
                ->nullable()
                ->comment('null: "minutes" alone; a list of choices; or {min, max, step}');
            $table->string('start_from', 10)->default('clock')->comment('or opening');
            $table->json('hours')->nullable();
            $table->date('available_from')->nullable();
            $table->date('available_until')->nullable();
            $table->unsignedInteger('places')->default(1);
            $table->unsignedInteger('max_party')->nullable();
            $table->unsignedInteger('max_per_day')->nullable();
        });
    }

    private function widenBookings(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->char('session_id', 26)->nullable();
            $table->json('staff_ids')->default('[]')->comment('ids as booked; booking_staff has them by person');
            $table->json('units')->default('[]');
            $table->boolean('double_booked')->default(false);
            $table->json('contact')->nullable()->comment('name, mail and telephone as given with this booking');
            $table->char('location_id', 26)->nullable()->change();
            $table->index(['business_id', 'session_id']);
            // Bookings lie in the order in which they are read: by time within a business.
            $table->dropPrimary();
            $table->primary(['business_id', 'taken_from', 'id']);
            $table->dropIndex('bookings_taken');
        });
        DB::statement(
            "update bookings set staff_ids = coalesce((select concat('[', group_concat(json_quote(staff_id) order by "
                ."staff_id), ']') from booking_staff where booking_staff.business_id = bookings.business_id and "
                ."booking_staff.booking_id = bookings.id), '[]')",
        );
        DB::statement(
            'update bookings join clients on clients.business_id = bookings.business_id and clients.id = '
                ."bookings.client_id set contact = json_object('name', clients.name, 'email', clients.email, 'phone', "
                .'clients.phone)',
        );
    }

    private function list(string $name, Closure $columns): void
    {
        Schema::create($name, static function (Blueprint $table) use ($columns): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->unique();
            $columns($table);
            $table->timestamps();
            $table->primary(['business_id', 'id']);
        });
    }

    private function wall(Blueprint $table): void
    {
        $table->dateTime('from')->comment('wall clock');
        $table->dateTime('to')->comment('wall clock');
    }
};
