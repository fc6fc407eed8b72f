<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Root capsules that were set at a stand.
        Schema::create('capsules', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stand_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->unsignedSmallInteger('number');
            $table->date('placed_on');
            $table->index(['stand_id', 'placed_on']);
        });
        // A doser that gives a planned dose by itself: what it gives of what is set, and what stands in its bottle.
        Schema::table('dose_plans', function (Blueprint $table): void {
            $table->boolean('by_doser')->default(false);
            $table->double('delivers')->default(1);
            $table->date('measured_on')->nullable();
            $table->double('bottle')->nullable();
            $table->date('filled_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('capsules');
        Schema::table('dose_plans', fn(Blueprint $table) => $table->dropColumn(['by_doser', 'delivers', 'measured_on', 'bottle', 'filled_on']));
    }
};
