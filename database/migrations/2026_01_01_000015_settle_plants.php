<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('stands', function (Blueprint $table): void {
            $table->dateTime('melted_at')->nullable();
        });
        Schema::table('keepers', function (Blueprint $table): void {
            $table->boolean('hand_told')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('stands', fn(Blueprint $table) => $table->dropColumn('melted_at'));
        Schema::table('keepers', fn(Blueprint $table) => $table->dropColumn('hand_told'));
    }
};
