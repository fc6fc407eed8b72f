<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            // What gives minerals off or takes them up by itself.
            $table->string('passive', 20)->default('none');
        });
        Schema::table('top_ups', function (Blueprint $table): void {
            $table->foreignId('water_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('top_ups', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('water_id');
        });
        Schema::table('tanks', function (Blueprint $table): void {
            $table->dropColumn('passive');
        });
    }
};
