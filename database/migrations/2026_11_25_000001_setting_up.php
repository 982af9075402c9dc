<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What an owner says about people, places and the offer beyond time; who may do what; and what has been changed by
 * whom.
 */
return new class extends Migration
{
    public function up(): void
    {
        $this->widen();
        Schema::table(
            'bookings',
            static fn (Blueprint $table) => $table
                ->json('answers')
                ->default('[]')
                ->comment('each with its question as it was asked'),
        );
        $this->list('categories', static function (Blueprint $table): void {
            $table->string('name', 120);
            $table->string('description', 500)->default('');
            $table->char('picture', 26)->nullable();
            $table->unsignedSmallInteger('position')->default(0);
        });
        $this->list('add_ons', static function (Blueprint $table): void {
            $table->string('name', 120);
            $table->unsignedInteger('price')->comment('minor unit');
            $table->unsignedInteger('minutes')->default(0);
            $table->boolean('per_person')->default(false);
            $table->char('picture', 26)->nullable();
            $table->json('services')->nullable()->comment('null: all of them');
            $table->unsignedSmallInteger('position')->default(0);
        });
        $this->list('questions', static function (Blueprint $table): void {
            $table->string('text', 300);
            $table->string('type', 10);
            $table->json('choices');
            $table->boolean('required')->default(false);
            $table->json('services')->nullable()->comment('null: all of them');
            $table
                ->json('shown_if')
                ->nullable()
                ->comment('{question, answer}: only after this answer to an earlier one');
            $table->string('parameter', 60)->default('')->comment('of the link that fills a hidden one');
            $table->unsignedSmallInteger('position')->default(0);
        });
        $this->list('pictures', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
        });
        $this->list('attachments', static function (Blueprint $table): void {
            $table->char('booking_id', 26);
            $table->string('name', 120);
            $table->index(['business_id', 'booking_id']);
        });
        $this->list('invitations', static function (Blueprint $table): void {
            $table->string('email', 190);
            $table->string('role', 20);
            $table->char('staff_id', 26)->nullable();
            $table->char('token_hash', 64)->unique();
            $table->dateTime('expires_at');
            $table->dateTime('accepted_at')->nullable();
        });
        $this->list('setup_changes', static function (Blueprint $table): void {
            $table->string('by', 120);
            $table->unsignedBigInteger('user_id');
            $table->dateTime('at');
            $table->char('undoes', 26)->nullable();
        });
        Schema::create('setup_change_things', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('change_id', 26);
            $table->string('kind', 20);
            $table->string('thing', 40);
            $table->string('name', 160);
            $table->json('before')->nullable()->comment('null: there was none');
            $table->json('after')->nullable()->comment('null: there is none any more');
            $table->primary(['business_id', 'kind', 'thing', 'change_id']);
            $table->index(['business_id', 'change_id']);
        });
    }

    public function down(): void
    {
        foreach (
            [
                'setup_change_things',
                'setup_changes',
                'invitations',
                'attachments',
                'pictures',
                'questions',
                'add_ons',
                'categories',
            ] as $table
        ) {
            Schema::drop($table);
        }
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('answers'));
        Schema::table(
            'services',
            static fn (Blueprint $table) => $table->dropColumn([
                'category_id',
                'picture',
                'staff_note',
                'visibility',
                'approval',
                'price_kind',
            ]),
        );
        Schema::table(
            'locations',
            static fn (Blueprint $table) => $table->dropColumn([
                'directions',
                'picture',
                'phone',
                'online',
                'meeting_link',
            ]),
        );
        Schema::table(
            'staff',
            static fn (Blueprint $table) => $table->dropColumn([
                'phone',
                'about',
                'picture',
                'changes_own_hours',
                'told_of',
                'page',
            ]),
        );
        Schema::table('business_users', static fn (Blueprint $table) => $table->dropColumn('staff_id'));
        Schema::table(
            'businesses',
            static fn (Blueprint $table) => $table->dropColumn([
                'phone',
                'email',
                'links',
                'clock',
                'first_weekday',
                'public_hours',
                'logo',
                'banner',
            ]),
        );
    }

    private function widen(): void
    {
        Schema::table('businesses', static function (Blueprint $table): void {
            $table->string('phone', 40)->default('');
            $table->string('email', 190)->default('');
            $table->json('links')->default('[]');
            $table->unsignedTinyInteger('clock')->default(24)->comment('12 or 24 hours');
            $table->char('first_weekday', 3)->default('mon');
            $table->json('public_hours')->nullable()->comment('null: the opening hours');
            $table->char('logo', 26)->nullable();
            $table->char('banner', 26)->nullable();
        });
        Schema::table(
            'business_users',
            static fn (Blueprint $table) => $table
                ->char('staff_id', 26)
                ->nullable()
                ->comment('who they are among the staff; null: not booked'),
        );
        Schema::table('staff', static function (Blueprint $table): void {
            $table->string('phone', 40)->default('');
            $table->string('about', 500)->default('');
            $table->char('picture', 26)->nullable();
            $table->boolean('changes_own_hours')->default(false);
            $table->json('told_of')->default('["booked", "moved", "cancelled"]')->comment('what they get a mail about');
            $table->string('page', 60)->nullable()->comment('last part of the address of their own page');
            $table->unique(['business_id', 'page']);
        });
        Schema::table('locations', static function (Blueprint $table): void {
            $table->string('directions', 1000)->default('');
            $table->char('picture', 26)->nullable();
            $table->string('phone', 40)->default('');
            $table->boolean('online')->default(false);
            $table->string('meeting_link', 300)->default('');
        });
        Schema::table('services', static function (Blueprint $table): void {
            $table->char('category_id', 26)->nullable();
            $table->char('picture', 26)->nullable();
            $table->string('staff_note', 2000)->default('')->comment('private: never shown to clients');
            $table->string('visibility', 10)->default('page')->comment('page, link or desk');
            $table->boolean('approval')->default(false)->comment('a booking waits for a yes');
            $table->string('price_kind', 10)->default('fixed')->comment('fixed, free, from or on_request');
        });
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
};
