<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->string('state', 12)->default('planned');
            // What was decided and what was forecast, as it stood then.
            $table->json('plan');
            $table->json('forecast');
            $table->timestamp('started_at')->nullable();
            $table->timestamp('finished_at')->nullable();
            $table->timestamps();
            $table->index(['tank_id', 'state', 'finished_at']);
        });
        Schema::create('run_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('job', 30);
            $table->json('content');
            $table->string('note', 1000)->nullable();
            $table->timestamp('opened_at')->nullable();
            $table->timestamp('done_at')->nullable();
            $table->boolean('skipped')->default(false);
            $table->unique(['run_id', 'position']);
        });
        Schema::create('switches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->string('device', 20);
            $table->timestamp('off_at')->nullable();
            $table->timestamp('on_at')->nullable();
            $table->unique(['run_id', 'device']);
        });
        Schema::create('entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tank_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('run_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 12);
            $table->string('title', 160);
            $table->text('body')->nullable();
            $table->timestamp('happened_at');
            $table->timestamps();
            $table->index(['keeper_id', 'happened_at', 'id']);
            $table->index(['keeper_id', 'kind', 'happened_at', 'id']);
            $table->index(['tank_id', 'happened_at', 'id']);
            $table->index(['tank_id', 'kind', 'happened_at', 'id']);
            $table->index(['water_id', 'happened_at']);
            $table->index('run_id');
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('entry_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tank_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('run_step_id')->nullable()->constrained()->nullOnDelete();
            $table->string('parameter', 20);
            $table->string('method', 10);
            // In the base unit of the parameter.
            $table->double('value');
            $table->double('low');
            $table->double('high');
            $table->timestamp('taken_at');
            $table->index('entry_id');
            $table->unique(['run_step_id', 'parameter']);
            $table->index(['tank_id', 'parameter', 'taken_at']);
            $table->index(['water_id', 'parameter', 'taken_at']);
        });
    }

    public function down(): void
    {
        foreach (['readings', 'entries', 'switches', 'run_steps', 'runs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
