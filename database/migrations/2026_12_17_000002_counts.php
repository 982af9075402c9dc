<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Quotas of mail and tries to sign in, which a restart does not forget. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::create('counts', static function (Blueprint $table): void {
            $table->char('name', 64)->primary();
            $table->unsignedInteger('times');
            $table->dateTime('until')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('counts');
    }
};
