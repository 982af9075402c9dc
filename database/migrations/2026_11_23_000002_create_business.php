<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a business sets up. Weekly tables are kept in the shape of the document: {"mon": [{"from": …, "to": …}], …}. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('businesses', static function (Blueprint $table): void {
            $table->id();
            $table->string('slug', 60)->unique();
            $table->string('name', 120);
            $table->string('about', 500)->default('');
            $table->string('time_zone', 60);
            $table->char('currency', 3);
            $table->json('opening_hours');
            $table->timestamp('published_at')->nullable();
            $table->timestamps();
        });
        Schema::create('business_users', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('role', 20);
            $table->primary(['business_id', 'user_id']);
        });
        foreach (['locations', 'staff', 'services'] as $list) {
            Schema::create($list, function (Blueprint $table) use ($list): void {
                $table->foreignId('business_id')->constrained()->cascadeOnDelete();
                $table->ulid('id')->unique();
                $table->string('name', 120);
                $table->unsignedSmallInteger('position')->default(0);
                $table->boolean('active')->default(true);
                match ($list) {
                    'locations' => $this->location($table),
                    'staff' => $this->member($table),
                    'services' => $this->service($table),
                };
                $table->timestamps();
                $table->primary(['business_id', 'id']);
            });
        }
        foreach (['staff' => 'staff_id', 'location' => 'location_id'] as $of => $column) {
            Schema::create("service_{$of}", static function (Blueprint $table) use ($column): void {
                $table->foreignId('business_id')->constrained()->cascadeOnDelete();
                $table->ulid('service_id');
                $table->ulid($column);
                $table->unsignedSmallInteger('position');
                $table->primary(['business_id', 'service_id', $column]);
            });
        }
    }

    public function down(): void
    {
        $tables = [
            'service_location', 'service_staff', 'services',
            'staff', 'locations', 'business_users', 'businesses',
        ];
        foreach ($tables as $table) {
            Schema::drop($table);
        }
    }

    private function location(Blueprint $table): void
    {
        $table->string('address', 300)->default('');
    }

    private function member(Blueprint $table): void
    {
        $table->string('email', 190)->nullable();
        $table->string('colour', 20);
        $table->string('pattern', 20);
        $table->json('hours')->nullable()->comment('null: the opening hours');
        $table->json('breaks')->nullable();
    }

    private function service(Blueprint $table): void
    {
        $table->text('description');
        $table->unsignedInteger('price')->comment('minor unit');
        $table->string('payment', 10)->comment('none or full');
        $table->unsignedInteger('minutes');
        $table->unsignedInteger('setup')->default(0);
        $table->unsignedInteger('clearup')->default(0);
        $table->unsignedInteger('start_every')->default(15);
        $table->unsignedInteger('notice_minutes')->default(0);
        $table->unsignedInteger('book_ahead_days')->default(60);
        $table->string('assignment', 10)->default('choose');
    }
};
