<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('keepers', static function (Blueprint $table): void {
            // Whether tables and spreads are open that others see folded.
            $table->boolean('shows_all')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('keepers', static function (Blueprint $table): void {
            $table->dropColumn('shows_all');
        });
    }
};
