<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('payments', static function (Blueprint $table): void {
            $table
                ->string('method', 20)
                ->default('processor')
                ->after('kind')
                ->comment('the way money comes in, and goes back');
        });
    }

    public function down(): void
    {
        Schema::table('payments', static fn (Blueprint $table) => $table->dropColumn('method'));
    }
};
