import { Component } from '@angular/core';
@Component({ selector: 'otter-workbench', template: 'Workbench' })
export class Workbench {}
