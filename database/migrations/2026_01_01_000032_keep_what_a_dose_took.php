<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('doses', function (Blueprint $table): void {
            // What it took of the product in stock; empty where that was not noted, and was all of the dose.
            $table->float('taken')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('doses', fn(Blueprint $table) => $table->dropColumn('taken'));
    }
};
