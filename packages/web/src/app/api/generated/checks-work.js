var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// <stdin>
var addTasks = validate69, schema80 = { type: "object", required: ["place", "lines"], properties: { place: { type: "object", required: ["parentId", "beforeId"], properties: { parentId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, beforeId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] } }, additionalProperties: !1 }, lines: { type: "array", items: { type: "object", required: ["id", "parentId", "name", "estimate"], properties: { id: { type: "string", format: "uuid" }, parentId: { anyOf: [{ type: "string", format: "uuid" }, { type: "null" }] }, name: { type: "string", minLength: 1, maxLength: 200, pattern: "\\S" }, estimate: { type: "integer" }, kind: { type: "string", enum: ["phase", "deliverable", "work order", "task"] }, open: { type: "boolean" } }, additionalProperties: !1 }, minItems: 1, maxItems: 1e3 } }, additionalProperties: !1 }, formats4 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/, func2 = require_ucs2length().default, pattern4 = new RegExp("\\S", "u");
function validate69(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate69.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.place === void 0 && (missing0 = "place") || data.lines === void 0 && (missing0 = "lines"))
        return validate69.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "place" || key0 === "lines")) {
            return validate69.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.place !== void 0) {
            let data0 = data.place, _errs2 = errors;
            if (errors === _errs2)
              if (data0 && typeof data0 == "object" && !Array.isArray(data0)) {
                let missing1;
                if (data0.parentId === void 0 && (missing1 = "parentId") || data0.beforeId === void 0 && (missing1 = "beforeId"))
                  return validate69.errors = [{ instancePath: instancePath + "/place", schemaPath: "#/properties/place/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                {
                  let _errs4 = errors;
                  for (let key1 in data0)
                    if (!(key1 === "parentId" || key1 === "beforeId")) {
                      return validate69.errors = [{ instancePath: instancePath + "/place", schemaPath: "#/properties/place/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                      break;
                    }
                  if (_errs4 === errors) {
                    if (data0.parentId !== void 0) {
                      let data1 = data0.parentId, _errs5 = errors, _errs6 = errors, valid2 = !1, _errs7 = errors;
                      if (errors === _errs7 && errors === _errs7)
                        if (typeof data1 == "string") {
                          if (!formats4.test(data1)) {
                            let err0 = { instancePath: instancePath + "/place/parentId", schemaPath: "#/properties/place/properties/parentId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                            vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                          }
                        } else {
                          let err1 = { instancePath: instancePath + "/place/parentId", schemaPath: "#/properties/place/properties/parentId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                          vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                        }
                      var _valid0 = _errs7 === errors;
                      valid2 = valid2 || _valid0;
                      let _errs9 = errors;
                      if (data1 !== null) {
                        let err2 = { instancePath: instancePath + "/place/parentId", schemaPath: "#/properties/place/properties/parentId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                        vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                      }
                      var _valid0 = _errs9 === errors;
                      if (valid2 = valid2 || _valid0, valid2)
                        errors = _errs6, vErrors !== null && (_errs6 ? vErrors.length = _errs6 : vErrors = null);
                      else {
                        let err3 = { instancePath: instancePath + "/place/parentId", schemaPath: "#/properties/place/properties/parentId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                        return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate69.errors = vErrors, !1;
                      }
                      var valid1 = _errs5 === errors;
                    } else
                      var valid1 = !0;
                    if (valid1)
                      if (data0.beforeId !== void 0) {
                        let data2 = data0.beforeId, _errs11 = errors, _errs12 = errors, valid3 = !1, _errs13 = errors;
                        if (errors === _errs13 && errors === _errs13)
                          if (typeof data2 == "string") {
                            if (!formats4.test(data2)) {
                              let err4 = { instancePath: instancePath + "/place/beforeId", schemaPath: "#/properties/place/properties/beforeId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                              vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                            }
                          } else {
                            let err5 = { instancePath: instancePath + "/place/beforeId", schemaPath: "#/properties/place/properties/beforeId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                          }
                        var _valid1 = _errs13 === errors;
                        valid3 = valid3 || _valid1;
                        let _errs15 = errors;
                        if (data2 !== null) {
                          let err6 = { instancePath: instancePath + "/place/beforeId", schemaPath: "#/properties/place/properties/beforeId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                          vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                        }
                        var _valid1 = _errs15 === errors;
                        if (valid3 = valid3 || _valid1, valid3)
                          errors = _errs12, vErrors !== null && (_errs12 ? vErrors.length = _errs12 : vErrors = null);
                        else {
                          let err7 = { instancePath: instancePath + "/place/beforeId", schemaPath: "#/properties/place/properties/beforeId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                          return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate69.errors = vErrors, !1;
                        }
                        var valid1 = _errs11 === errors;
                      } else
                        var valid1 = !0;
                  }
                }
              } else
                return validate69.errors = [{ instancePath: instancePath + "/place", schemaPath: "#/properties/place/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.lines !== void 0) {
              let data3 = data.lines, _errs17 = errors;
              if (errors === _errs17)
                if (Array.isArray(data3)) {
                  if (data3.length > 1e3)
                    return validate69.errors = [{ instancePath: instancePath + "/lines", schemaPath: "#/properties/lines/maxItems", keyword: "maxItems", params: { limit: 1e3 }, message: "must NOT have more than 1000 items" }], !1;
                  if (data3.length < 1)
                    return validate69.errors = [{ instancePath: instancePath + "/lines", schemaPath: "#/properties/lines/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                  {
                    var valid4 = !0;
                    let len0 = data3.length;
                    for (let i0 = 0; i0 < len0; i0++) {
                      let data4 = data3[i0], _errs19 = errors;
                      if (errors === _errs19)
                        if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
                          let missing2;
                          if (data4.id === void 0 && (missing2 = "id") || data4.parentId === void 0 && (missing2 = "parentId") || data4.name === void 0 && (missing2 = "name") || data4.estimate === void 0 && (missing2 = "estimate"))
                            return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0, schemaPath: "#/properties/lines/items/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" }], !1;
                          {
                            let _errs21 = errors;
                            for (let key2 in data4)
                              if (!(key2 === "id" || key2 === "parentId" || key2 === "name" || key2 === "estimate" || key2 === "kind" || key2 === "open")) {
                                return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0, schemaPath: "#/properties/lines/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" }], !1;
                                break;
                              }
                            if (_errs21 === errors) {
                              if (data4.id !== void 0) {
                                let data5 = data4.id, _errs22 = errors;
                                if (errors === _errs22 && errors === _errs22)
                                  if (typeof data5 == "string") {
                                    if (!formats4.test(data5))
                                      return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/id", schemaPath: "#/properties/lines/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                  } else
                                    return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/id", schemaPath: "#/properties/lines/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid5 = _errs22 === errors;
                              } else
                                var valid5 = !0;
                              if (valid5) {
                                if (data4.parentId !== void 0) {
                                  let data6 = data4.parentId, _errs24 = errors, _errs25 = errors, valid6 = !1, _errs26 = errors;
                                  if (errors === _errs26 && errors === _errs26)
                                    if (typeof data6 == "string") {
                                      if (!formats4.test(data6)) {
                                        let err8 = { instancePath: instancePath + "/lines/" + i0 + "/parentId", schemaPath: "#/properties/lines/items/properties/parentId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                        vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                                      }
                                    } else {
                                      let err9 = { instancePath: instancePath + "/lines/" + i0 + "/parentId", schemaPath: "#/properties/lines/items/properties/parentId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                      vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                                    }
                                  var _valid2 = _errs26 === errors;
                                  valid6 = valid6 || _valid2;
                                  let _errs28 = errors;
                                  if (data6 !== null) {
                                    let err10 = { instancePath: instancePath + "/lines/" + i0 + "/parentId", schemaPath: "#/properties/lines/items/properties/parentId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                    vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                                  }
                                  var _valid2 = _errs28 === errors;
                                  if (valid6 = valid6 || _valid2, valid6)
                                    errors = _errs25, vErrors !== null && (_errs25 ? vErrors.length = _errs25 : vErrors = null);
                                  else {
                                    let err11 = { instancePath: instancePath + "/lines/" + i0 + "/parentId", schemaPath: "#/properties/lines/items/properties/parentId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                    return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate69.errors = vErrors, !1;
                                  }
                                  var valid5 = _errs24 === errors;
                                } else
                                  var valid5 = !0;
                                if (valid5) {
                                  if (data4.name !== void 0) {
                                    let data7 = data4.name, _errs30 = errors;
                                    if (errors === _errs30)
                                      if (typeof data7 == "string") {
                                        if (func2(data7) > 200)
                                          return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/name", schemaPath: "#/properties/lines/items/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                                        if (func2(data7) < 1)
                                          return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/name", schemaPath: "#/properties/lines/items/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                        if (!pattern4.test(data7))
                                          return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/name", schemaPath: "#/properties/lines/items/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                      } else
                                        return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/name", schemaPath: "#/properties/lines/items/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                    var valid5 = _errs30 === errors;
                                  } else
                                    var valid5 = !0;
                                  if (valid5) {
                                    if (data4.estimate !== void 0) {
                                      let data8 = data4.estimate, _errs32 = errors;
                                      if (!(typeof data8 == "number" && !(data8 % 1) && !isNaN(data8) && isFinite(data8)))
                                        return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/estimate", schemaPath: "#/properties/lines/items/properties/estimate/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                      var valid5 = _errs32 === errors;
                                    } else
                                      var valid5 = !0;
                                    if (valid5) {
                                      if (data4.kind !== void 0) {
                                        let data9 = data4.kind, _errs34 = errors;
                                        if (typeof data9 != "string")
                                          return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/kind", schemaPath: "#/properties/lines/items/properties/kind/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                        if (!(data9 === "phase" || data9 === "deliverable" || data9 === "work order" || data9 === "task"))
                                          return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/kind", schemaPath: "#/properties/lines/items/properties/kind/enum", keyword: "enum", params: { allowedValues: schema80.properties.lines.items.properties.kind.enum }, message: "must be equal to one of the allowed values" }], !1;
                                        var valid5 = _errs34 === errors;
                                      } else
                                        var valid5 = !0;
                                      if (valid5)
                                        if (data4.open !== void 0) {
                                          let _errs36 = errors;
                                          if (typeof data4.open != "boolean")
                                            return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/open", schemaPath: "#/properties/lines/items/properties/open/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                                          var valid5 = _errs36 === errors;
                                        } else
                                          var valid5 = !0;
                                    }
                                  }
                                }
                              }
                            }
                          }
                        } else
                          return validate69.errors = [{ instancePath: instancePath + "/lines/" + i0, schemaPath: "#/properties/lines/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                      var valid4 = _errs19 === errors;
                      if (!valid4)
                        break;
                    }
                  }
                } else
                  return validate69.errors = [{ instancePath: instancePath + "/lines", schemaPath: "#/properties/lines/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs17 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate69.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate69.errors = vErrors, errors === 0;
}
validate69.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeClient = validate70;
var pattern68 = new RegExp("^[A-Z]{2}$", "u"), pattern5 = new RegExp("^([^\\s@]+@[^\\s@]+)?$", "u");
function validate70(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate70.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.address === void 0 && (missing0 = "address") || data.country === void 0 && (missing0 = "country") || data.email === void 0 && (missing0 = "email") || data.taxId === void 0 && (missing0 = "taxId") || data.paymentDays === void 0 && (missing0 = "paymentDays") || data.archived === void 0 && (missing0 = "archived"))
        return validate70.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "address" || key0 === "country" || key0 === "email" || key0 === "taxId" || key0 === "paymentDays" || key0 === "archived")) {
            return validate70.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 200)
                  return validate70.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func2(data0) < 1)
                  return validate70.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate70.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate70.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.address !== void 0) {
              let data1 = data.address, _errs4 = errors;
              if (errors === _errs4)
                if (Array.isArray(data1)) {
                  if (data1.length > 6)
                    return validate70.errors = [{ instancePath: instancePath + "/address", schemaPath: "#/properties/address/maxItems", keyword: "maxItems", params: { limit: 6 }, message: "must NOT have more than 6 items" }], !1;
                  {
                    var valid1 = !0;
                    let len0 = data1.length;
                    for (let i0 = 0; i0 < len0; i0++) {
                      let data2 = data1[i0], _errs6 = errors;
                      if (errors === _errs6)
                        if (typeof data2 == "string") {
                          if (func2(data2) > 100)
                            return validate70.errors = [{ instancePath: instancePath + "/address/" + i0, schemaPath: "#/properties/address/items/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                        } else
                          return validate70.errors = [{ instancePath: instancePath + "/address/" + i0, schemaPath: "#/properties/address/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid1 = _errs6 === errors;
                      if (!valid1)
                        break;
                    }
                  }
                } else
                  return validate70.errors = [{ instancePath: instancePath + "/address", schemaPath: "#/properties/address/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.country !== void 0) {
                let data3 = data.country, _errs8 = errors;
                if (errors === _errs8)
                  if (typeof data3 == "string") {
                    if (!pattern68.test(data3))
                      return validate70.errors = [{ instancePath: instancePath + "/country", schemaPath: "#/properties/country/pattern", keyword: "pattern", params: { pattern: "^[A-Z]{2}$" }, message: 'must match pattern "^[A-Z]{2}$"' }], !1;
                  } else
                    return validate70.errors = [{ instancePath: instancePath + "/country", schemaPath: "#/properties/country/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs8 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.email !== void 0) {
                  let data4 = data.email, _errs10 = errors;
                  if (errors === _errs10)
                    if (typeof data4 == "string") {
                      if (func2(data4) > 200)
                        return validate70.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                      if (!pattern5.test(data4))
                        return validate70.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^([^\\s@]+@[^\\s@]+)?$" }, message: 'must match pattern "^([^\\s@]+@[^\\s@]+)?$"' }], !1;
                    } else
                      return validate70.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  var valid0 = _errs10 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.taxId !== void 0) {
                    let data5 = data.taxId, _errs12 = errors;
                    if (errors === _errs12)
                      if (typeof data5 == "string") {
                        if (func2(data5) > 40)
                          return validate70.errors = [{ instancePath: instancePath + "/taxId", schemaPath: "#/properties/taxId/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
                      } else
                        return validate70.errors = [{ instancePath: instancePath + "/taxId", schemaPath: "#/properties/taxId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                    var valid0 = _errs12 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.paymentDays !== void 0) {
                      let data6 = data.paymentDays, _errs14 = errors;
                      if (!(typeof data6 == "number" && !(data6 % 1) && !isNaN(data6) && isFinite(data6)))
                        return validate70.errors = [{ instancePath: instancePath + "/paymentDays", schemaPath: "#/properties/paymentDays/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                      if (errors === _errs14 && typeof data6 == "number" && isFinite(data6)) {
                        if (data6 > 365 || isNaN(data6))
                          return validate70.errors = [{ instancePath: instancePath + "/paymentDays", schemaPath: "#/properties/paymentDays/maximum", keyword: "maximum", params: { comparison: "<=", limit: 365 }, message: "must be <= 365" }], !1;
                        if (data6 < 0 || isNaN(data6))
                          return validate70.errors = [{ instancePath: instancePath + "/paymentDays", schemaPath: "#/properties/paymentDays/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" }], !1;
                      }
                      var valid0 = _errs14 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0)
                      if (data.archived !== void 0) {
                        let _errs16 = errors;
                        if (typeof data.archived != "boolean")
                          return validate70.errors = [{ instancePath: instancePath + "/archived", schemaPath: "#/properties/archived/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                        var valid0 = _errs16 === errors;
                      } else
                        var valid0 = !0;
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate70.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate70.errors = vErrors, errors === 0;
}
validate70.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeProject = validate71, schema82 = { type: "object", required: ["name", "code", "orderReference", "managerId", "tone", "estimate", "startsOn", "endsOn", "complete", "notes", "stateId", "archived"], properties: { name: { type: "string", minLength: 1, maxLength: 200, pattern: "\\S" }, code: { type: "string", minLength: 1, maxLength: 20, pattern: "\\S" }, orderReference: { type: "string", maxLength: 100 }, managerId: { type: "string", format: "uuid" }, tone: { type: "integer", minimum: 1, maximum: 12 }, estimate: { type: "integer" }, startsOn: { anyOf: [{ type: "string", format: "date" }, { type: "null" }] }, endsOn: { anyOf: [{ type: "string", format: "date" }, { type: "null" }] }, complete: { anyOf: [{ type: "integer", minimum: 0, maximum: 100 }, { type: "null" }] }, notes: { type: "string", maxLength: 1e4 }, stateId: { type: "string", format: "uuid" }, archived: { type: "boolean" } }, additionalProperties: !1 }, func1 = Object.prototype.hasOwnProperty, formats0 = /^\d{4}-\d{2}-\d{2}$/;
function validate71(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate71.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.code === void 0 && (missing0 = "code") || data.orderReference === void 0 && (missing0 = "orderReference") || data.managerId === void 0 && (missing0 = "managerId") || data.tone === void 0 && (missing0 = "tone") || data.estimate === void 0 && (missing0 = "estimate") || data.startsOn === void 0 && (missing0 = "startsOn") || data.endsOn === void 0 && (missing0 = "endsOn") || data.complete === void 0 && (missing0 = "complete") || data.notes === void 0 && (missing0 = "notes") || data.stateId === void 0 && (missing0 = "stateId") || data.archived === void 0 && (missing0 = "archived"))
        return validate71.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!func1.call(schema82.properties, key0)) {
            return validate71.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 200)
                  return validate71.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func2(data0) < 1)
                  return validate71.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate71.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate71.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.code !== void 0) {
              let data1 = data.code, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 20)
                    return validate71.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/maxLength", keyword: "maxLength", params: { limit: 20 }, message: "must NOT have more than 20 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate71.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate71.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate71.errors = [{ instancePath: instancePath + "/code", schemaPath: "#/properties/code/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.orderReference !== void 0) {
                let data2 = data.orderReference, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (func2(data2) > 100)
                      return validate71.errors = [{ instancePath: instancePath + "/orderReference", schemaPath: "#/properties/orderReference/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                  } else
                    return validate71.errors = [{ instancePath: instancePath + "/orderReference", schemaPath: "#/properties/orderReference/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.managerId !== void 0) {
                  let data3 = data.managerId, _errs8 = errors;
                  if (errors === _errs8 && errors === _errs8)
                    if (typeof data3 == "string") {
                      if (!formats4.test(data3))
                        return validate71.errors = [{ instancePath: instancePath + "/managerId", schemaPath: "#/properties/managerId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                    } else
                      return validate71.errors = [{ instancePath: instancePath + "/managerId", schemaPath: "#/properties/managerId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.tone !== void 0) {
                    let data4 = data.tone, _errs10 = errors;
                    if (!(typeof data4 == "number" && !(data4 % 1) && !isNaN(data4) && isFinite(data4)))
                      return validate71.errors = [{ instancePath: instancePath + "/tone", schemaPath: "#/properties/tone/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                    if (errors === _errs10 && typeof data4 == "number" && isFinite(data4)) {
                      if (data4 > 12 || isNaN(data4))
                        return validate71.errors = [{ instancePath: instancePath + "/tone", schemaPath: "#/properties/tone/maximum", keyword: "maximum", params: { comparison: "<=", limit: 12 }, message: "must be <= 12" }], !1;
                      if (data4 < 1 || isNaN(data4))
                        return validate71.errors = [{ instancePath: instancePath + "/tone", schemaPath: "#/properties/tone/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                    }
                    var valid0 = _errs10 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.estimate !== void 0) {
                      let data5 = data.estimate, _errs12 = errors;
                      if (!(typeof data5 == "number" && !(data5 % 1) && !isNaN(data5) && isFinite(data5)))
                        return validate71.errors = [{ instancePath: instancePath + "/estimate", schemaPath: "#/properties/estimate/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                      var valid0 = _errs12 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0) {
                      if (data.startsOn !== void 0) {
                        let data6 = data.startsOn, _errs14 = errors, _errs15 = errors, valid1 = !1, _errs16 = errors;
                        if (errors === _errs16 && errors === _errs16)
                          if (typeof data6 == "string") {
                            if (!formats0.test(data6)) {
                              let err0 = { instancePath: instancePath + "/startsOn", schemaPath: "#/properties/startsOn/anyOf/0/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' };
                              vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                            }
                          } else {
                            let err1 = { instancePath: instancePath + "/startsOn", schemaPath: "#/properties/startsOn/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                          }
                        var _valid0 = _errs16 === errors;
                        valid1 = valid1 || _valid0;
                        let _errs18 = errors;
                        if (data6 !== null) {
                          let err2 = { instancePath: instancePath + "/startsOn", schemaPath: "#/properties/startsOn/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                          vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                        }
                        var _valid0 = _errs18 === errors;
                        if (valid1 = valid1 || _valid0, valid1)
                          errors = _errs15, vErrors !== null && (_errs15 ? vErrors.length = _errs15 : vErrors = null);
                        else {
                          let err3 = { instancePath: instancePath + "/startsOn", schemaPath: "#/properties/startsOn/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                          return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate71.errors = vErrors, !1;
                        }
                        var valid0 = _errs14 === errors;
                      } else
                        var valid0 = !0;
                      if (valid0) {
                        if (data.endsOn !== void 0) {
                          let data7 = data.endsOn, _errs20 = errors, _errs21 = errors, valid2 = !1, _errs22 = errors;
                          if (errors === _errs22 && errors === _errs22)
                            if (typeof data7 == "string") {
                              if (!formats0.test(data7)) {
                                let err4 = { instancePath: instancePath + "/endsOn", schemaPath: "#/properties/endsOn/anyOf/0/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' };
                                vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                              }
                            } else {
                              let err5 = { instancePath: instancePath + "/endsOn", schemaPath: "#/properties/endsOn/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                              vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                            }
                          var _valid1 = _errs22 === errors;
                          valid2 = valid2 || _valid1;
                          let _errs24 = errors;
                          if (data7 !== null) {
                            let err6 = { instancePath: instancePath + "/endsOn", schemaPath: "#/properties/endsOn/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                            vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                          }
                          var _valid1 = _errs24 === errors;
                          if (valid2 = valid2 || _valid1, valid2)
                            errors = _errs21, vErrors !== null && (_errs21 ? vErrors.length = _errs21 : vErrors = null);
                          else {
                            let err7 = { instancePath: instancePath + "/endsOn", schemaPath: "#/properties/endsOn/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                            return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate71.errors = vErrors, !1;
                          }
                          var valid0 = _errs20 === errors;
                        } else
                          var valid0 = !0;
                        if (valid0) {
                          if (data.complete !== void 0) {
                            let data8 = data.complete, _errs26 = errors, _errs27 = errors, valid3 = !1, _errs28 = errors;
                            if (!(typeof data8 == "number" && !(data8 % 1) && !isNaN(data8) && isFinite(data8))) {
                              let err8 = { instancePath: instancePath + "/complete", schemaPath: "#/properties/complete/anyOf/0/type", keyword: "type", params: { type: "integer" }, message: "must be integer" };
                              vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                            }
                            if (errors === _errs28 && typeof data8 == "number" && isFinite(data8)) {
                              if (data8 > 100 || isNaN(data8)) {
                                let err9 = { instancePath: instancePath + "/complete", schemaPath: "#/properties/complete/anyOf/0/maximum", keyword: "maximum", params: { comparison: "<=", limit: 100 }, message: "must be <= 100" };
                                vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                              } else if (data8 < 0 || isNaN(data8)) {
                                let err10 = { instancePath: instancePath + "/complete", schemaPath: "#/properties/complete/anyOf/0/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" };
                                vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                              }
                            }
                            var _valid2 = _errs28 === errors;
                            valid3 = valid3 || _valid2;
                            let _errs30 = errors;
                            if (data8 !== null) {
                              let err11 = { instancePath: instancePath + "/complete", schemaPath: "#/properties/complete/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                              vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++;
                            }
                            var _valid2 = _errs30 === errors;
                            if (valid3 = valid3 || _valid2, valid3)
                              errors = _errs27, vErrors !== null && (_errs27 ? vErrors.length = _errs27 : vErrors = null);
                            else {
                              let err12 = { instancePath: instancePath + "/complete", schemaPath: "#/properties/complete/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                              return vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++, validate71.errors = vErrors, !1;
                            }
                            var valid0 = _errs26 === errors;
                          } else
                            var valid0 = !0;
                          if (valid0) {
                            if (data.notes !== void 0) {
                              let data9 = data.notes, _errs32 = errors;
                              if (errors === _errs32)
                                if (typeof data9 == "string") {
                                  if (func2(data9) > 1e4)
                                    return validate71.errors = [{ instancePath: instancePath + "/notes", schemaPath: "#/properties/notes/maxLength", keyword: "maxLength", params: { limit: 1e4 }, message: "must NOT have more than 10000 characters" }], !1;
                                } else
                                  return validate71.errors = [{ instancePath: instancePath + "/notes", schemaPath: "#/properties/notes/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid0 = _errs32 === errors;
                            } else
                              var valid0 = !0;
                            if (valid0) {
                              if (data.stateId !== void 0) {
                                let data10 = data.stateId, _errs34 = errors;
                                if (errors === _errs34 && errors === _errs34)
                                  if (typeof data10 == "string") {
                                    if (!formats4.test(data10))
                                      return validate71.errors = [{ instancePath: instancePath + "/stateId", schemaPath: "#/properties/stateId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                  } else
                                    return validate71.errors = [{ instancePath: instancePath + "/stateId", schemaPath: "#/properties/stateId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid0 = _errs34 === errors;
                              } else
                                var valid0 = !0;
                              if (valid0)
                                if (data.archived !== void 0) {
                                  let _errs36 = errors;
                                  if (typeof data.archived != "boolean")
                                    return validate71.errors = [{ instancePath: instancePath + "/archived", schemaPath: "#/properties/archived/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                                  var valid0 = _errs36 === errors;
                                } else
                                  var valid0 = !0;
                            }
                          }
                        }
                      }
                    }
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate71.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate71.errors = vErrors, errors === 0;
}
validate71.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeProjectState = validate72;
function validate72(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate72.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.records === void 0 && (missing0 = "records") || data.open === void 0 && (missing0 = "open") || data.place === void 0 && (missing0 = "place"))
        return validate72.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "records" || key0 === "open" || key0 === "place")) {
            return validate72.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 40)
                  return validate72.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
                if (func2(data0) < 1)
                  return validate72.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate72.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate72.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.records !== void 0) {
              let _errs4 = errors;
              if (typeof data.records != "boolean")
                return validate72.errors = [{ instancePath: instancePath + "/records", schemaPath: "#/properties/records/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.open !== void 0) {
                let _errs6 = errors;
                if (typeof data.open != "boolean")
                  return validate72.errors = [{ instancePath: instancePath + "/open", schemaPath: "#/properties/open/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.place !== void 0) {
                  let data3 = data.place, _errs8 = errors;
                  if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                    return validate72.errors = [{ instancePath: instancePath + "/place", schemaPath: "#/properties/place/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                  if (errors === _errs8 && typeof data3 == "number" && isFinite(data3)) {
                    if (data3 > 99 || isNaN(data3))
                      return validate72.errors = [{ instancePath: instancePath + "/place", schemaPath: "#/properties/place/maximum", keyword: "maximum", params: { comparison: "<=", limit: 99 }, message: "must be <= 99" }], !1;
                    if (data3 < 0 || isNaN(data3))
                      return validate72.errors = [{ instancePath: instancePath + "/place", schemaPath: "#/properties/place/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" }], !1;
                  }
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate72.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate72.errors = vErrors, errors === 0;
}
validate72.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeTask = validate73, schema84 = { type: "object", properties: { name: { type: "string", minLength: 1, maxLength: 200, pattern: "\\S" }, kind: { type: "string", enum: ["phase", "deliverable", "work order", "task"] }, estimate: { type: "integer" }, open: { type: "boolean" } }, additionalProperties: !1, minProperties: 1 };
function validate73(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate73.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      if (Object.keys(data).length < 1)
        return validate73.errors = [{ instancePath, schemaPath: "#/minProperties", keyword: "minProperties", params: { limit: 1 }, message: "must NOT have fewer than 1 properties" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "kind" || key0 === "estimate" || key0 === "open")) {
            return validate73.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 200)
                  return validate73.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func2(data0) < 1)
                  return validate73.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate73.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate73.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.kind !== void 0) {
              let data1 = data.kind, _errs4 = errors;
              if (typeof data1 != "string")
                return validate73.errors = [{ instancePath: instancePath + "/kind", schemaPath: "#/properties/kind/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              if (!(data1 === "phase" || data1 === "deliverable" || data1 === "work order" || data1 === "task"))
                return validate73.errors = [{ instancePath: instancePath + "/kind", schemaPath: "#/properties/kind/enum", keyword: "enum", params: { allowedValues: schema84.properties.kind.enum }, message: "must be equal to one of the allowed values" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.estimate !== void 0) {
                let data2 = data.estimate, _errs6 = errors;
                if (!(typeof data2 == "number" && !(data2 % 1) && !isNaN(data2) && isFinite(data2)))
                  return validate73.errors = [{ instancePath: instancePath + "/estimate", schemaPath: "#/properties/estimate/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.open !== void 0) {
                  let _errs8 = errors;
                  if (typeof data.open != "boolean")
                    return validate73.errors = [{ instancePath: instancePath + "/open", schemaPath: "#/properties/open/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate73.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate73.errors = vErrors, errors === 0;
}
validate73.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeWhoRecords = validate74;
function validate74(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate74.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.everyone === void 0 && (missing0 = "everyone") || data.people === void 0 && (missing0 = "people") || data.teams === void 0 && (missing0 = "teams"))
        return validate74.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "everyone" || key0 === "people" || key0 === "teams")) {
            return validate74.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.everyone !== void 0) {
            let _errs2 = errors;
            if (typeof data.everyone != "boolean")
              return validate74.errors = [{ instancePath: instancePath + "/everyone", schemaPath: "#/properties/everyone/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.people !== void 0) {
              let data1 = data.people, _errs4 = errors;
              if (errors === _errs4)
                if (Array.isArray(data1)) {
                  if (data1.length > 500)
                    return validate74.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/maxItems", keyword: "maxItems", params: { limit: 500 }, message: "must NOT have more than 500 items" }], !1;
                  {
                    var valid1 = !0;
                    let len0 = data1.length;
                    for (let i0 = 0; i0 < len0; i0++) {
                      let data2 = data1[i0], _errs6 = errors;
                      if (errors === _errs6 && errors === _errs6)
                        if (typeof data2 == "string") {
                          if (!formats4.test(data2))
                            return validate74.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                        } else
                          return validate74.errors = [{ instancePath: instancePath + "/people/" + i0, schemaPath: "#/properties/people/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid1 = _errs6 === errors;
                      if (!valid1)
                        break;
                    }
                    if (valid1) {
                      let i1 = data1.length, j0;
                      if (i1 > 1) {
                        let indices0 = {};
                        for (; i1--; ) {
                          let item0 = data1[i1];
                          if (typeof item0 == "string") {
                            if (typeof indices0[item0] == "number") {
                              return j0 = indices0[item0], validate74.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                              break;
                            }
                            indices0[item0] = i1;
                          }
                        }
                      }
                    }
                  }
                } else
                  return validate74.errors = [{ instancePath: instancePath + "/people", schemaPath: "#/properties/people/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.teams !== void 0) {
                let data3 = data.teams, _errs8 = errors;
                if (errors === _errs8)
                  if (Array.isArray(data3)) {
                    if (data3.length > 100)
                      return validate74.errors = [{ instancePath: instancePath + "/teams", schemaPath: "#/properties/teams/maxItems", keyword: "maxItems", params: { limit: 100 }, message: "must NOT have more than 100 items" }], !1;
                    {
                      var valid3 = !0;
                      let len1 = data3.length;
                      for (let i2 = 0; i2 < len1; i2++) {
                        let data4 = data3[i2], _errs10 = errors;
                        if (errors === _errs10 && errors === _errs10)
                          if (typeof data4 == "string") {
                            if (!formats4.test(data4))
                              return validate74.errors = [{ instancePath: instancePath + "/teams/" + i2, schemaPath: "#/properties/teams/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                          } else
                            return validate74.errors = [{ instancePath: instancePath + "/teams/" + i2, schemaPath: "#/properties/teams/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid3 = _errs10 === errors;
                        if (!valid3)
                          break;
                      }
                      if (valid3) {
                        let i3 = data3.length, j1;
                        if (i3 > 1) {
                          let indices1 = {};
                          for (; i3--; ) {
                            let item1 = data3[i3];
                            if (typeof item1 == "string") {
                              if (typeof indices1[item1] == "number") {
                                return j1 = indices1[item1], validate74.errors = [{ instancePath: instancePath + "/teams", schemaPath: "#/properties/teams/uniqueItems", keyword: "uniqueItems", params: { i: i3, j: j1 }, message: "must NOT have duplicate items (items ## " + j1 + " and " + i3 + " are identical)" }], !1;
                                break;
                              }
                              indices1[item1] = i3;
                            }
                          }
                        }
                      }
                    }
                  } else
                    return validate74.errors = [{ instancePath: instancePath + "/teams", schemaPath: "#/properties/teams/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                var valid0 = _errs8 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate74.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate74.errors = vErrors, errors === 0;
}
validate74.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var createClient = validate75;
function validate75(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate75.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name"))
        return validate75.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name")) {
            return validate75.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate75.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate75.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 200)
                    return validate75.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate75.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate75.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate75.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate75.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate75.errors = vErrors, errors === 0;
}
validate75.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var createProject = validate76;
function validate76(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate76.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.client === void 0 && (missing0 = "client"))
        return validate76.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name" || key0 === "client")) {
            return validate76.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate76.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate76.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 200)
                    return validate76.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate76.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate76.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate76.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.client !== void 0) {
                let data2 = data.client, _errs6 = errors, _errs7 = errors, valid1 = !1, _errs8 = errors;
                if (errors === _errs8)
                  if (data2 && typeof data2 == "object" && !Array.isArray(data2)) {
                    let missing1;
                    if (data2.id === void 0 && (missing1 = "id")) {
                      let err0 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/0/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" };
                      vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                    } else {
                      let _errs10 = errors;
                      for (let key1 in data2)
                        if (!(key1 === "id" || key1 === "name")) {
                          let err1 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/0/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" };
                          vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                          break;
                        }
                      if (_errs10 === errors) {
                        if (data2.id !== void 0) {
                          let data3 = data2.id, _errs11 = errors;
                          if (errors === _errs11 && errors === _errs11)
                            if (typeof data3 == "string") {
                              if (!formats4.test(data3)) {
                                let err2 = { instancePath: instancePath + "/client/id", schemaPath: "#/properties/client/anyOf/0/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                              }
                            } else {
                              let err3 = { instancePath: instancePath + "/client/id", schemaPath: "#/properties/client/anyOf/0/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                              vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                            }
                          var valid2 = _errs11 === errors;
                        } else
                          var valid2 = !0;
                        if (valid2)
                          if (data2.name !== void 0) {
                            let data4 = data2.name, _errs13 = errors;
                            if (errors === _errs13)
                              if (typeof data4 == "string") {
                                if (func2(data4) > 200) {
                                  let err4 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" };
                                  vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                                } else if (func2(data4) < 1) {
                                  let err5 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                                  vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                                } else if (!pattern4.test(data4)) {
                                  let err6 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' };
                                  vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                                }
                              } else {
                                let err7 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
                              }
                            var valid2 = _errs13 === errors;
                          } else
                            var valid2 = !0;
                      }
                    }
                  } else {
                    let err8 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/0/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                    vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                  }
                var _valid0 = _errs8 === errors;
                valid1 = valid1 || _valid0;
                let _errs15 = errors;
                if (data2 !== null) {
                  let err9 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                }
                var _valid0 = _errs15 === errors;
                if (valid1 = valid1 || _valid0, valid1)
                  errors = _errs7, vErrors !== null && (_errs7 ? vErrors.length = _errs7 : vErrors = null);
                else {
                  let err10 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++, validate76.errors = vErrors, !1;
                }
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate76.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate76.errors = vErrors, errors === 0;
}
validate76.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var createProjectState = validate77;
function validate77(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate77.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.records === void 0 && (missing0 = "records") || data.open === void 0 && (missing0 = "open"))
        return validate77.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name" || key0 === "records" || key0 === "open")) {
            return validate77.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate77.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate77.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 40)
                    return validate77.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 40 }, message: "must NOT have more than 40 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate77.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate77.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate77.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.records !== void 0) {
                let _errs6 = errors;
                if (typeof data.records != "boolean")
                  return validate77.errors = [{ instancePath: instancePath + "/records", schemaPath: "#/properties/records/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.open !== void 0) {
                  let _errs8 = errors;
                  if (typeof data.open != "boolean")
                    return validate77.errors = [{ instancePath: instancePath + "/open", schemaPath: "#/properties/open/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate77.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate77.errors = vErrors, errors === 0;
}
validate77.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var layDown = validate78;
function validate78(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate78.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.client === void 0 && (missing0 = "client") || data.lines === void 0 && (missing0 = "lines"))
        return validate78.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "client" || key0 === "lines")) {
            return validate78.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.client !== void 0) {
            let data0 = data.client, _errs2 = errors, _errs3 = errors, valid1 = !1, _errs4 = errors;
            if (errors === _errs4)
              if (data0 && typeof data0 == "object" && !Array.isArray(data0)) {
                let missing1;
                if (data0.id === void 0 && (missing1 = "id")) {
                  let err0 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/0/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" };
                  vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                } else {
                  let _errs6 = errors;
                  for (let key1 in data0)
                    if (!(key1 === "id" || key1 === "name")) {
                      let err1 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/0/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" };
                      vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                      break;
                    }
                  if (_errs6 === errors) {
                    if (data0.id !== void 0) {
                      let data1 = data0.id, _errs7 = errors;
                      if (errors === _errs7 && errors === _errs7)
                        if (typeof data1 == "string") {
                          if (!formats4.test(data1)) {
                            let err2 = { instancePath: instancePath + "/client/id", schemaPath: "#/properties/client/anyOf/0/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                            vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                          }
                        } else {
                          let err3 = { instancePath: instancePath + "/client/id", schemaPath: "#/properties/client/anyOf/0/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                          vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
                        }
                      var valid2 = _errs7 === errors;
                    } else
                      var valid2 = !0;
                    if (valid2)
                      if (data0.name !== void 0) {
                        let data2 = data0.name, _errs9 = errors;
                        if (errors === _errs9)
                          if (typeof data2 == "string") {
                            if (func2(data2) > 200) {
                              let err4 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" };
                              vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                            } else if (func2(data2) < 1) {
                              let err5 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" };
                              vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                            } else if (!pattern4.test(data2)) {
                              let err6 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' };
                              vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                            }
                          } else {
                            let err7 = { instancePath: instancePath + "/client/name", schemaPath: "#/properties/client/anyOf/0/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                            vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++;
                          }
                        var valid2 = _errs9 === errors;
                      } else
                        var valid2 = !0;
                  }
                }
              } else {
                let err8 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/0/type", keyword: "type", params: { type: "object" }, message: "must be object" };
                vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
              }
            var _valid0 = _errs4 === errors;
            valid1 = valid1 || _valid0;
            let _errs11 = errors;
            if (data0 !== null) {
              let err9 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
              vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
            }
            var _valid0 = _errs11 === errors;
            if (valid1 = valid1 || _valid0, valid1)
              errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
            else {
              let err10 = { instancePath: instancePath + "/client", schemaPath: "#/properties/client/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
              return vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++, validate78.errors = vErrors, !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.lines !== void 0) {
              let data3 = data.lines, _errs13 = errors;
              if (errors === _errs13)
                if (Array.isArray(data3)) {
                  if (data3.length > 1e3)
                    return validate78.errors = [{ instancePath: instancePath + "/lines", schemaPath: "#/properties/lines/maxItems", keyword: "maxItems", params: { limit: 1e3 }, message: "must NOT have more than 1000 items" }], !1;
                  if (data3.length < 1)
                    return validate78.errors = [{ instancePath: instancePath + "/lines", schemaPath: "#/properties/lines/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                  {
                    var valid3 = !0;
                    let len0 = data3.length;
                    for (let i0 = 0; i0 < len0; i0++) {
                      let data4 = data3[i0], _errs15 = errors;
                      if (errors === _errs15)
                        if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
                          let missing2;
                          if (data4.id === void 0 && (missing2 = "id") || data4.parentId === void 0 && (missing2 = "parentId") || data4.name === void 0 && (missing2 = "name") || data4.estimate === void 0 && (missing2 = "estimate"))
                            return validate78.errors = [{ instancePath: instancePath + "/lines/" + i0, schemaPath: "#/properties/lines/items/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" }], !1;
                          {
                            let _errs17 = errors;
                            for (let key2 in data4)
                              if (!(key2 === "id" || key2 === "parentId" || key2 === "name" || key2 === "estimate")) {
                                return validate78.errors = [{ instancePath: instancePath + "/lines/" + i0, schemaPath: "#/properties/lines/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" }], !1;
                                break;
                              }
                            if (_errs17 === errors) {
                              if (data4.id !== void 0) {
                                let data5 = data4.id, _errs18 = errors;
                                if (errors === _errs18 && errors === _errs18)
                                  if (typeof data5 == "string") {
                                    if (!formats4.test(data5))
                                      return validate78.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/id", schemaPath: "#/properties/lines/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                  } else
                                    return validate78.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/id", schemaPath: "#/properties/lines/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid4 = _errs18 === errors;
                              } else
                                var valid4 = !0;
                              if (valid4) {
                                if (data4.parentId !== void 0) {
                                  let data6 = data4.parentId, _errs20 = errors, _errs21 = errors, valid5 = !1, _errs22 = errors;
                                  if (errors === _errs22 && errors === _errs22)
                                    if (typeof data6 == "string") {
                                      if (!formats4.test(data6)) {
                                        let err11 = { instancePath: instancePath + "/lines/" + i0 + "/parentId", schemaPath: "#/properties/lines/items/properties/parentId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                                        vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++;
                                      }
                                    } else {
                                      let err12 = { instancePath: instancePath + "/lines/" + i0 + "/parentId", schemaPath: "#/properties/lines/items/properties/parentId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                      vErrors === null ? vErrors = [err12] : vErrors.push(err12), errors++;
                                    }
                                  var _valid1 = _errs22 === errors;
                                  valid5 = valid5 || _valid1;
                                  let _errs24 = errors;
                                  if (data6 !== null) {
                                    let err13 = { instancePath: instancePath + "/lines/" + i0 + "/parentId", schemaPath: "#/properties/lines/items/properties/parentId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                    vErrors === null ? vErrors = [err13] : vErrors.push(err13), errors++;
                                  }
                                  var _valid1 = _errs24 === errors;
                                  if (valid5 = valid5 || _valid1, valid5)
                                    errors = _errs21, vErrors !== null && (_errs21 ? vErrors.length = _errs21 : vErrors = null);
                                  else {
                                    let err14 = { instancePath: instancePath + "/lines/" + i0 + "/parentId", schemaPath: "#/properties/lines/items/properties/parentId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                    return vErrors === null ? vErrors = [err14] : vErrors.push(err14), errors++, validate78.errors = vErrors, !1;
                                  }
                                  var valid4 = _errs20 === errors;
                                } else
                                  var valid4 = !0;
                                if (valid4) {
                                  if (data4.name !== void 0) {
                                    let data7 = data4.name, _errs26 = errors;
                                    if (errors === _errs26)
                                      if (typeof data7 == "string") {
                                        if (func2(data7) > 200)
                                          return validate78.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/name", schemaPath: "#/properties/lines/items/properties/name/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                                        if (func2(data7) < 1)
                                          return validate78.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/name", schemaPath: "#/properties/lines/items/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                        if (!pattern4.test(data7))
                                          return validate78.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/name", schemaPath: "#/properties/lines/items/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                      } else
                                        return validate78.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/name", schemaPath: "#/properties/lines/items/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                    var valid4 = _errs26 === errors;
                                  } else
                                    var valid4 = !0;
                                  if (valid4)
                                    if (data4.estimate !== void 0) {
                                      let data8 = data4.estimate, _errs28 = errors;
                                      if (!(typeof data8 == "number" && !(data8 % 1) && !isNaN(data8) && isFinite(data8)))
                                        return validate78.errors = [{ instancePath: instancePath + "/lines/" + i0 + "/estimate", schemaPath: "#/properties/lines/items/properties/estimate/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                      var valid4 = _errs28 === errors;
                                    } else
                                      var valid4 = !0;
                                }
                              }
                            }
                          }
                        } else
                          return validate78.errors = [{ instancePath: instancePath + "/lines/" + i0, schemaPath: "#/properties/lines/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                      var valid3 = _errs15 === errors;
                      if (!valid3)
                        break;
                    }
                  }
                } else
                  return validate78.errors = [{ instancePath: instancePath + "/lines", schemaPath: "#/properties/lines/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs13 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate78.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate78.errors = vErrors, errors === 0;
}
validate78.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var removeTask = validate79;
function validate79(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate79.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.branch === void 0 && (missing0 = "branch"))
        return validate79.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "branch") {
            return validate79.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.branch !== void 0) {
          let data0 = data.branch;
          if (errors === errors)
            if (Array.isArray(data0)) {
              if (data0.length > 5e3)
                return validate79.errors = [{ instancePath: instancePath + "/branch", schemaPath: "#/properties/branch/maxItems", keyword: "maxItems", params: { limit: 5e3 }, message: "must NOT have more than 5000 items" }], !1;
              if (data0.length < 1)
                return validate79.errors = [{ instancePath: instancePath + "/branch", schemaPath: "#/properties/branch/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
              {
                var valid1 = !0;
                let len0 = data0.length;
                for (let i0 = 0; i0 < len0; i0++) {
                  let data1 = data0[i0], _errs4 = errors;
                  if (errors === _errs4 && errors === _errs4)
                    if (typeof data1 == "string") {
                      if (!formats4.test(data1))
                        return validate79.errors = [{ instancePath: instancePath + "/branch/" + i0, schemaPath: "#/properties/branch/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                    } else
                      return validate79.errors = [{ instancePath: instancePath + "/branch/" + i0, schemaPath: "#/properties/branch/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  var valid1 = _errs4 === errors;
                  if (!valid1)
                    break;
                }
              }
            } else
              return validate79.errors = [{ instancePath: instancePath + "/branch", schemaPath: "#/properties/branch/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
        }
      }
    } else
      return validate79.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate79.errors = vErrors, errors === 0;
}
validate79.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  addTasks,
  changeClient,
  changeProject,
  changeProjectState,
  changeTask,
  changeWhoRecords,
  createClient,
  createProject,
  createProjectState,
  layDown,
  removeTask
};
